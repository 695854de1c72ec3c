import { articulatedDumpTruckPlan, articulatedDumpTruckSide } from './articulatedDumpTruck';
import { boomLiftPlan, boomLiftSide } from './boomLift';
import { compactTractorPlan, compactTractorSide } from './compactTractor';
import { compressorPlan, compressorSide } from './compressor';
import { counterbalanceTruckPlan, counterbalanceTruckSide } from './counterbalanceTruck';
import { dozerPlan, dozerSide } from './dozer';
import { generatorPlan, generatorSide } from './generator';
import { lightingTowerPlan, lightingTowerSide } from './lightingTower';
import { mastLiftPlan, mastLiftSide } from './mastLift';
import { miniExcavatorPlan, miniExcavatorSide } from './miniExcavator';
import { palletTruckPlan, palletTruckSide } from './palletTruck';
import { powerStackerPlan, powerStackerSide } from './powerStacker';
import { mowerPlan, mowerSide } from './rideOnMower';
import { rollerPlan, rollerSide } from './roller';
import { roughTerrainTruckPlan, roughTerrainTruckSide } from './roughTerrainTruck';
import { scissorLiftPlan, scissorLiftSide } from './scissorLift';
import type { Shape } from './shapes';
import { siteDumperPlan, siteDumperSide } from './siteDumper';
import { telehandlerPlan, telehandlerSide } from './telehandler';
import { excavatorPlan, excavatorSide } from './trackedExcavator';
import { wheeledExcavatorPlan, wheeledExcavatorSide } from './wheeledExcavator';
import { wheelLoaderPlan, wheelLoaderSide } from './wheelLoader';

export interface Drawing {
  plan: Shape[];
  side: Shape[];
  /** What a miniature shows: x, y, width, height in centimetres. */
  frame: [number, number, number, number];
  /** How high the elevation stands above its ground line, in centimetres. */
  height: number;
}

/** The drawings that families name in the catalogue; each is made when it is first asked for. */
const DRAWINGS: Record<string, () => Drawing> = {
  tracked_excavator: () => ({
    plan: excavatorPlan(),
    side: excavatorSide(),
    frame: [-520, -160, 760, 310],
    height: 410,
  }),
  mini_excavator: () => ({
    plan: miniExcavatorPlan(),
    side: miniExcavatorSide(),
    frame: [-340, -96, 472, 192],
    height: 210,
  }),
  wheeled_excavator: () => ({
    plan: wheeledExcavatorPlan(),
    side: wheeledExcavatorSide(),
    frame: [-512, -146, 776, 292],
    height: 390,
  }),
  wheel_loader: () => ({
    plan: wheelLoaderPlan(),
    side: wheelLoaderSide(),
    frame: [-414, -152, 776, 304],
    height: 306,
  }),
  dozer: () => ({ plan: dozerPlan(), side: dozerSide(), frame: [-324, -172, 604, 344], height: 276 }),
  articulated_dump_truck: () => ({
    plan: articulatedDumpTruckPlan(),
    side: articulatedDumpTruckSide(),
    frame: [-532, -158, 1064, 316],
    height: 300,
  }),
  site_dumper: () => ({ plan: siteDumperPlan(), side: siteDumperSide(), frame: [-190, -112, 358, 224], height: 224 }),
  roller: () => ({ plan: rollerPlan(), side: rollerSide(), frame: [-162, -80, 324, 160], height: 244 }),
  boom_lift: () => ({ plan: boomLiftPlan(), side: boomLiftSide(), frame: [-618, -134, 840, 268], height: 236 }),
  scissor_lift: () => ({ plan: scissorLiftPlan(), side: scissorLiftSide(), frame: [-140, -72, 284, 144], height: 228 }),
  mast_lift: () => ({ plan: mastLiftPlan(), side: mastLiftSide(), frame: [-98, -52, 196, 104], height: 202 }),
  telehandler: () => ({ plan: telehandlerPlan(), side: telehandlerSide(), frame: [-460, -134, 680, 268], height: 256 }),
  counterbalance_truck: () => ({
    plan: counterbalanceTruckPlan(),
    side: counterbalanceTruckSide(),
    frame: [-250, -72, 412, 144],
    height: 220,
  }),
  rough_terrain_truck: () => ({
    plan: roughTerrainTruckPlan(),
    side: roughTerrainTruckSide(),
    frame: [-330, -116, 542, 232],
    height: 268,
  }),
  pallet_truck: () => ({ plan: palletTruckPlan(), side: palletTruckSide(), frame: [-138, -46, 254, 92], height: 140 }),
  power_stacker: () => ({
    plan: powerStackerPlan(),
    side: powerStackerSide(),
    frame: [-148, -52, 272, 104],
    height: 220,
  }),
  generator: () => ({ plan: generatorPlan(), side: generatorSide(), frame: [-226, -86, 372, 172], height: 182 }),
  lighting_tower: () => ({
    plan: lightingTowerPlan(),
    side: lightingTowerSide(),
    frame: [-236, -100, 384, 200],
    height: 372,
  }),
  compressor: () => ({ plan: compressorPlan(), side: compressorSide(), frame: [-236, -88, 398, 176], height: 146 }),
  ride_on_mower: () => ({ plan: mowerPlan(), side: mowerSide(), frame: [-136, -72, 336, 144], height: 130 }),
  compact_tractor: () => ({
    plan: compactTractorPlan(),
    side: compactTractorSide(),
    frame: [-260, -90, 460, 180],
    height: 226,
  }),
};

const NOTHING: Drawing = { plan: [], side: [], frame: [-100, -50, 200, 100], height: 100 };
const made = new Map<string, Drawing>();

export function drawing(name: string): Drawing {
  const known = made.get(name);
  if (known !== undefined) {
    return known;
  }
  const fresh = DRAWINGS[name]?.() ?? NOTHING;
  made.set(name, fresh);

  return fresh;
}
