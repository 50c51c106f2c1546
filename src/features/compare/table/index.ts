export { ChordTable } from "./ChordTable";
export { ColumnHead } from "./ColumnHead";
export { fitsDrawings } from "./CompareGrid";
export { FiguresTable } from "./FiguresTable";
export { PinFates } from "./PinFates";
export { ShapeSentences } from "./ShapeSentences";
export { ShapeTable } from "./ShapeTable";
