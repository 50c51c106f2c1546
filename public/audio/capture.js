/* Runs beside the page, in the browser's audio thread: passes the sound on in blocks. */
const BLOCK = 2048;
const SILENCE = new Float32Array(128);

class Capture extends AudioWorkletProcessor {
  block = new Float32Array(BLOCK);
  filled = 0;

  process([input]) {
    // A source that has ended sends nothing, which is silence.
    const channel = input[0] ?? SILENCE;
    this.block.set(channel, this.filled);
    this.filled += channel.length;
    if (this.filled === BLOCK) {
      // What was just filled in ends one quantum after the time that the browser gives it.
      const endS = currentTime + channel.length / sampleRate;
      this.port.postMessage({ samples: this.block.slice(), endS });
      this.filled = 0;
    }
    return true;
  }
}

registerProcessor("capture", Capture);
