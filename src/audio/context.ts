let shared: AudioContext | null = null;

/** The page's one audio context, made and woken by a click or key, as browsers ask. */
export async function audioContext(): Promise<AudioContext> {
  shared ??= new AudioContext();
  if (shared.state !== "running") await shared.resume();
  return shared;
}
