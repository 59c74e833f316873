export { DresserProblem, type Load } from "./outfit/dresser-problem";
export {
  aloneEvaluator,
  dress,
  PICKS,
  type DressedOutfit,
  type DresserAnswer,
  type DresserProgress,
  type OutfitEvaluator,
  type Pick,
} from "./answer/dress";
export { CloseLooks, countedOn, plannedSitMinutes, type CloseLook } from "./answer/close-look";
export { lightestThatLasts, spreadOut } from "./answer/choose-outfits";
export { frontWithin } from "./search/front-within";
export { leftAtHome, type LeftAtHome } from "./answer/left-at-home";
export { OutfitJudge, type Judgement } from "./search/outfit-judge";
export { otherWaysOf, type OtherWay } from "./answer/other-ways";
export { PLACEMENT, SWITCHES, type OutfitCode, type Placement } from "./outfit/outfit-code";
export { relaxationsOf, type Relaxation } from "./answer/relaxations";
export { USUAL_WISHES, WISH_RANGE, type DresserPiece, type Wishes } from "./outfit/wishes";
export { insulationOn, trunkLayersOn, type DressedTime } from "./outfit/layers-on";
