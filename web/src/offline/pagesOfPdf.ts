/** Pixels across: about 200 dots an inch of A4, which a stamp and a signature can be read at. */
const WIDTH = 1654;

export interface PdfPages {
  pages: File[];
  /** How many pages were left out, because no more are kept. */
  left: number;
}

/**
 * The pages of a PDF as pictures. What a yard keeps is made anew from its pixels, so nothing that a file hides comes
 * along; its reader is fetched when somebody chooses one.
 *
 * @throws Error when it is no PDF, is broken, or asks for a password
 */
export async function pagesOfPdf(file: File, most: number): Promise<PdfPages> {
  const [reader, { default: Worker }] = await Promise.all([
    import('pdfjs-dist'),
    import('pdfjs-dist/build/pdf.worker.min.mjs?worker'),
  ]);
  const worker = new Worker();
  reader.GlobalWorkerOptions.workerPort = worker;
  try {
    const document = await reader.getDocument({ data: await file.arrayBuffer(), isEvalSupported: false }).promise;
    const pages: File[] = [];
    for (let number = 1; number <= Math.min(most, document.numPages); number++) {
      const page = await document.getPage(number);
      const viewport = page.getViewport({ scale: WIDTH / page.getViewport({ scale: 1 }).width });
      const canvas = window.document.createElement('canvas');
      [canvas.width, canvas.height] = [Math.round(viewport.width), Math.round(viewport.height)];
      const canvasContext = canvas.getContext('2d');
      if (canvasContext === null) {
        throw new Error('There is no canvas to draw on.');
      }
      await page.render({ canvasContext, viewport }).promise;
      const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, 'image/jpeg', 0.9));
      if (blob === null) {
        throw new Error('The page could not be drawn.');
      }
      pages.push(new File([blob], `${file.name}-${number}.jpg`, { type: 'image/jpeg' }));
    }

    return { pages, left: Math.max(0, document.numPages - most) };
  } finally {
    worker.terminate();
  }
}
