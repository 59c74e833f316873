export { DEVICE_RANGE, devicePlan, drawableWh, type Device, type DevicePlan } from "./device-batteries";
