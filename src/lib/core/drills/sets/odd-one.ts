/**
 * Outfits in which one thing does not belong: outfit, the odd one marked by an asterisk | the rule that says so | why. Invented after
 * the trade's rules of thumb (common practice); a test holds each against the eye.
 */
export const oddOneSet = `
burgundy knit midi dress; * bright green leather clutch; black tights; black ankle boots | stray-colour | The green returns nowhere, and on a bag it is no accent.
navy wool midi dress; navy tights; navy court shoes; * bright orange leather tote | stray-colour | A strong colour on the piece that should belong.
black trousers; white shirt; grey blazer; * turquoise leather tote; black loafers | stray-colour | Grey, white and black answer nothing of it.
gold necklace; gold hoops; gold bangle; * silver watch; black midi dress; black court shoes | metals-together | One silver among gold reads as forgotten.
silver hoops; silver bangle; silver watch; * gold necklace; navy midi dress; navy court shoes | metals-together | One gold among silver reads as forgotten.
navy trousers; navy roll-neck jumper; white trainers; * bright pink leather satchel | stray-colour | The pink is alone, on the piece that should belong.
* sheer white chiffon blouse; black trousers; black court shoes; black belt | shows-through | What is under it will be seen.
* grey marl hoodie; black satin evening skirt; gold high-heeled sandals; gold clutch | formality-apart | Nothing bridges the hood and the satin.
ivory pussy-bow blouse; * pearl necklace; grey pencil skirt; black court shoes | busy-neck | The bow wants the neck to itself.
floor-length wide-leg navy trousers; white shirt tucked in; * flat tan loafers; tan belt | hem-and-heel | The trousers were hemmed for a heel.
* cropped black top; low-rise black trousers; black ankle boots | crop-and-rise | Crop and low rise together show more than either says.
loose hair; * gold studs; black midi dress; black court shoes | hidden-earrings | Loose hair hides small earrings.
* striped breton top; red floral skirt; black court shoes | prints-together | No colour, no scale and no line in common.
* oversized black roll-neck jumper; black wide-leg trousers; black trainers | two-volumes | Both halves are loose and nothing keeps the body present.
`;
