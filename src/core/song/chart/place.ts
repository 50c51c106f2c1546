/** Where something stands in the text, in UTF-16 units from its beginning. */
export interface TextPlace {
  readonly offset: number;
  readonly length: number;
}
