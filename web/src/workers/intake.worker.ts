import { type IntakeQuestion, takeIn } from './intakeMessages.ts';

self.onmessage = ({ data }: MessageEvent<IntakeQuestion>) => {
  self.postMessage(takeIn(data));
};
