/** The parts of culori that are used, so that its other thirty colour spaces stay out of the bundle. */
import {
	clampChroma,
	converter,
	differenceCiede2000,
	formatHex,
	modeLab65,
	modeLch65,
	modeOklab,
	modeOklch,
	modeRgb,
	modeXyz65,
	parseHex,
	useMode
} from 'culori/fn';

for (const mode of [modeRgb, modeXyz65, modeLab65, modeLch65, modeOklab, modeOklch]) useMode(mode);

export { clampChroma, converter, differenceCiede2000, formatHex, parseHex };
