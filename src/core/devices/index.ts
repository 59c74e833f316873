export { DEVICE_RANGE, devicePlan, type Device, type DevicePlan } from "./device-batteries";
