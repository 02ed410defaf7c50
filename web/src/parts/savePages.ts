import type { Drawing, Paper } from '@every-inch/core/drawing';
import { toast } from 'sonner';
import { save } from '../storage/shelf.ts';

/** Saves pages as a PDF that prints at true size, and says how it is to be printed. */
export async function savePagesPdf(pages: readonly Drawing[], paper: Paper, name: string): Promise<void> {
  const { sheetPdf } = await import('@every-inch/core/bench/pdf');
  save(new File([sheetPdf(pages, paper, name)], `${name}.pdf`, { type: 'application/pdf' }));
  toast('Print it at 100 %, not fitted to the page, and check the 100 mm rule.');
}
