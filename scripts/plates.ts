// Contact sheets of plates, to be looked at: every type of the taxonomy, or the looks of the demo.
// `npm run plates -- OUT [division …]` writes one PNG a division; `npm run plates -- OUT looks` the looks.
import { chromium } from '@playwright/test';
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { composeDemo } from '../demo/compose';
import { drawPlate, framingOf, garmentTypes, plateSvg, type PlateBody, type PlateLook } from '../src/lib/core';
import { readLook } from '../src/lib/core/reading/read-look';
import { chromiumFlags, chromiumPath } from './chromium.mjs';
