declare module 'webvtt-parser' {
  interface Cue {
    startTime: number;
    endTime: number;
    text: string;
  }
  export class WebVTTParser {
    parse(text: string, mode?: string): { cues: Cue[]; errors: { message: string; line: number }[] };
  }
}
