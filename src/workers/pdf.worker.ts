/** Takes PDFs apart, beside the page. */
import "pdfjs-dist/build/pdf.worker.min.mjs";
