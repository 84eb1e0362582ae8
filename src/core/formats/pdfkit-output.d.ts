declare module 'pdfkit/output' {
  /** The whole of a document as bytes, once it has ended. */
  export function toBytes(document: PDFKit.PDFDocument): Promise<Uint8Array>;
}
