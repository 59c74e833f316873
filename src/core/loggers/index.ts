export { areSwapped, possibleReadings, silentLoggers, type LoggerFault } from "./faults";
export { inOrder, type DigitSensor, type Reading } from "./reading";
export { SENSORS, type Sensor } from "./sensors";
