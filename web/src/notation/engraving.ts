/** What draws staves: fetched beside the notation package, after the bench itself. */
export { asText, Engraver } from '@diatonix/engraving';
