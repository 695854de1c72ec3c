import { preferences } from './preferences';

type Event = 'taken' | 'attend' | 'stop' | 'refused';

/** Milliseconds of movement and rest. */
const PULSES: Record<Event, number[]> = {
  taken: [18],
  attend: [40, 60, 40],
  stop: [120, 70, 120, 70, 120],
  refused: [200],
};
/** Hertz and seconds: low for what stops, high for what is taken. */
const TONES: Record<Event, [number, number]> = {
  taken: [880, 0.05],
  attend: [520, 0.16],
  stop: [220, 0.45],
  refused: [260, 0.3],
};

let speaker: AudioContext | undefined;

/** What happened, for a hand in a glove and an ear beside an engine; only what was asked for in the preferences. */
export function feel(event: Event): void {
  const { haptic, sound } = preferences();
  if (haptic && 'vibrate' in navigator) {
    navigator.vibrate(PULSES[event]);
  }
  if (sound) {
    speaker ??= new AudioContext();
    const [hertz, seconds] = TONES[event];
    const tone = speaker.createOscillator();
    const level = speaker.createGain();
    tone.frequency.value = hertz;
    level.gain.setValueAtTime(0.2, speaker.currentTime);
    level.gain.exponentialRampToValueAtTime(0.001, speaker.currentTime + seconds);
    tone.connect(level).connect(speaker.destination);
    tone.start();
    tone.stop(speaker.currentTime + seconds);
  }
}
