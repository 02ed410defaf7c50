import { jsPDF } from 'jspdf';
import { type Drawing, drawOnPage, type Paper } from '../drawing/index.ts';

const FORMATS: Record<Paper, string> = { A4: 'a4', A3: 'a3', Letter: 'letter' };

/**
 * Pages at paper size as a PDF that prints at true size.
 *
 * @returns bytes, owned by the caller
 */
export function sheetPdf(pages: readonly Drawing[], paper: Paper, title: string): ArrayBuffer {
  const doc = new jsPDF({ unit: 'mm', format: FORMATS[paper], orientation: 'portrait', compress: true });
  doc.setProperties({ title, creator: 'Every Inch' });
  // Readers that honour it do not offer to fit the page.
  doc.viewerPreferences({ PrintScaling: 'None' });
  pages.forEach((page, i) => {
    if (i > 0) doc.addPage();
    drawOnPage(doc, page, 0, 0);
  });
  return doc.output('arraybuffer');
}
