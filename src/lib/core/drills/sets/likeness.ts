/**
 * Pairs to grade by eye: grade | what the reference shows | what is offered | why. 4 the same at a glance, 3 a good substitute,
 * 2 half the job, 1 a faint tie, 0 no answer. Invented, graded by hand after the trade's rules of thumb (common practice).
 */
export const likenessSet = `
4 | charcoal wool pencil skirt | dark grey wool pencil skirt | One hue, one cut; nobody sees the step in depth across a room.
4 | tan leather ankle boots, block heel | camel leather ankle boots, block heel | Shape and heel are the same, the tone is a shade lighter.
4 | black satin camisole | black silk camisole | Sheen, colour and straps are the same; the fibre is felt, not seen.
3 | forest green wool coat, knee length | dark green wool coat, calf length | Colour and cloth carry it; the hem is lower.
3 | red leather court shoes, stiletto | red suede court shoes, block heel | The red is there; the shoe is quieter.
3 | white cotton shirt, relaxed | ivory cotton shirt, relaxed | Ivory is not white, and close enough under a jacket.
3 | silver sequin mini skirt | silver metallic mini skirt | The shine stays, the sparkle goes.
3 | brown suede fringed jacket | brown suede jacket | The fringe was half the joke; suede and colour hold.
2 | navy double-breasted wool blazer | navy wool cardigan | The tone is right and the structure is gone.
2 | floral silk midi dress | plain silk midi dress | The line is there; the print was the look.
2 | high-rise wide-leg cream trousers | high-rise slim cream trousers | Colour and rise are right, the volume is the other way round.
2 | black leather belt, wide | brown leather belt, wide | It still marks the waist, in the wrong tone.
2 | long pearl necklace | long gold necklace | The length is there; the light is another.
1 | burgundy velvet dinner jacket | burgundy cotton hoodie | One colour and nothing else.
1 | gingham full skirt | black full skirt | One shape; the small check was the point.
1 | camel wool wrap coat | black nylon puffer jacket | Both keep warm.
1 | gold strappy sandals | white trainers | Feet are covered.
0 | straw boater hat | straw basket bag | One material; nothing on the head.
0 | emerald silk scarf | emerald silk trousers | One colour and one cloth, in another place.
0 | black opera gloves | black tights | Arms stay bare.
`;
