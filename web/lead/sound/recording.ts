/** A recording that goes on: ended by `stop`, which gives what was said and how long it took. */
export interface Recording {
  stop: () => Promise<{ sound: Blob; lengthMs: number }>;
}

/** Records from the microphone with the recorder of the browser. Throws where there is none or it is not allowed. */
export const record = async (): Promise<Recording> => {
  if (!('mediaDevices' in navigator) || !('MediaRecorder' in window))
    throw new Error(
      'This browser cannot record here. It needs a microphone, and https or this computer itself.',
    );
  const stream = await navigator.mediaDevices.getUserMedia({ audio: true });
  const recorder = new MediaRecorder(stream);
  const pieces: Blob[] = [];
  recorder.ondataavailable = ({ data }) => pieces.push(data);
  const began = performance.now();
  recorder.start();
  return {
    stop: () =>
      new Promise((done) => {
        recorder.onstop = () => {
          for (const track of stream.getTracks()) track.stop();
          const type = recorder.mimeType.split(';')[0] || 'audio/webm';
          done({ sound: new Blob(pieces, { type }), lengthMs: Math.round(performance.now() - began) });
        };
        recorder.stop();
      }),
  };
};
