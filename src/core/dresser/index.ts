export { DresserProblem, type Load } from "./dresser-problem";
export {
  aloneEvaluator,
  dress,
  PICKS,
  type DressedOutfit,
  type DresserAnswer,
  type DresserProgress,
  type OutfitEvaluator,
  type Pick,
} from "./dress";
export { CloseLooks, countedOn, plannedSitMinutes, type CloseLook } from "./close-look";
export { lightestThatLasts, spreadOut } from "./choose-outfits";
export { firstOutfits } from "./first-outfits";
export { frontWithin } from "./front-within";
export { leftAtHome, type LeftAtHome } from "./left-at-home";
export { OutfitJudge, type Judgement } from "./outfit-judge";
export { otherWaysOf, type OtherWay } from "./other-ways";
export { PLACEMENT, SWITCHES, type OutfitCode, type Placement } from "./outfit-code";
export { relaxationsOf, type Relaxation } from "./relaxations";
export { USUAL_WISHES, WISH_RANGE, type DresserPiece, type Wishes } from "./wishes";
export { insulationOn, trunkLayersOn, type DressedTime } from "./layers-on";
