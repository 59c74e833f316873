export { drySetOf, fallIn, withLever, type AfterFall, type Lever } from "./emergency";
export { walkOut, type AfterWalkOut, type Standing, WAITS_MIN } from "./walk-out";
