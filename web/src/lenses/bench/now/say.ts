/** Says something aloud, where the browser can; what it was saying before it leaves off. */
export function sayAloud(text: string): boolean {
  const voice = window.speechSynthesis as SpeechSynthesis | undefined;
  if (!voice) return false;
  voice.cancel();
  const words = new SpeechSynthesisUtterance(text);
  words.lang = 'en';
  voice.speak(words);
  return true;
}

/** Leaves off. */
export function hushAloud(): void {
  (window.speechSynthesis as SpeechSynthesis | undefined)?.cancel();
}
