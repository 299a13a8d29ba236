import { composeDemo } from '../demo/compose';
import { candidatesFor, closest, indexGarments, inOrder, matchWardrobe, optionsOfPiece, readLook, scoringOf, winBacks, wornIn, mayWear, type Piece } from '../src/lib/core';
import { simulatedStock } from '../src/lib/server/market/stock';
const demo = composeDemo();
const stock = simulatedStock(3, 12000);
const time = (what: string, f: () => unknown) => { f(); const t = performance.now(); f(); console.log(what, (performance.now() - t).toFixed(1)); };
const client = demo.clients[0]!;
const pieces = (n: number): Piece[] => Array.from({ length: n }, (_, i) => ({ ...demo.pieces[0]!, id: `00000000-0000-4000-8000-${String(i).padStart(12, '0')}`, parts: [{ id: `00000000-0000-4000-9000-${String(i).padStart(12, '0')}`, name: '', garment: structuredClone(stock[i]!.garment) }], configurations: [] }));
for (const n of [500, 1000, 2000]) {
  const ps = pieces(n); const options = ps.flatMap(optionsOfPiece);
  for (const ref of demo.references.slice(0, 2)) {
    const scoring = scoringOf(ref, {}, client);
    let k = 0;
    time(`match ${n} ${ref.title}`, () => matchWardrobe(ref, [], options, { ...scoring, newId: () => `id-${k++}` }));
    time(`candidates.for all ${n}`, () => { const c = candidatesFor({ reference: ref, client, pieces: ps, scoring, seenOn: '2026-01-01' }); for (const e of ref.elements) c.for(e); });
    time(`candidates.for one ${n}`, () => { const c = candidatesFor({ reference: ref, client, pieces: ps, scoring, seenOn: '2026-01-01' }); c.for(ref.elements[0]!); });
    time(`offers all ${n}`, () => { const c = candidatesFor({ reference: ref, client, pieces: ps, scoring, seenOn: '2026-01-01' }); for (const e of ref.elements) c.offers(e.id); });
    time(`mayWear ${n}`, () => { for (const o of options) mayWear({ ...client }, o.garment); });
  }
}
const words = 'navy wool blazer with peak lapels, white cotton shirt, high rise wide-leg trousers in grey flannel, black leather loafers, gold hoops, '.repeat(400).split(' ');
for (const n of [100, 400, 800, 1600, 3200]) time(`read ${n} words`, () => readLook(words.slice(0, n).join(' ')));
time('unknown word', () => readLook('navy frobnicator'));
let h = 7; const rnd = () => { h = (h * 1103515245 + 12345) & 0x7fffffff; return h; };
const many = (sw: number) => Array.from({ length: 50000 }, (_, i) => ({ ...stock[i % stock.length]!.garment, palette: Array.from({ length: sw === 1 ? 1 : 1 + (i % 5) }, () => ({ hex: '#' + (rnd() & 0xffffff).toString(16).padStart(6, '0'), share: 0.5, provenance: 'said' as const })) }));
for (const sw of [1, 5]) { const idx = indexGarments(many(sw)); const els = demo.references.flatMap(r => r.elements).filter(e => e.garment.palette.length > 0).slice(0, 6);
  const t = performance.now(); for (const e of els) closest(idx, e); console.log('closest', sw, ((performance.now() - t) / els.length).toFixed(1)); const t2 = performance.now(); for (const e of els) closest(idx, e); console.log('again', sw, ((performance.now() - t2) / els.length).toFixed(1)); }
