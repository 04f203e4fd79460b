/** Rows read aloud by a voice of the device itself: nothing leaves the machine. */
import { spoken } from "@/core/knitting/spoken";

/** Voices that need no network; there are none before the browser has loaded them. */
const ownVoices = () =>
  typeof speechSynthesis === "undefined"
    ? []
    : speechSynthesis.getVoices().filter(({ localService, lang }) => localService && lang.startsWith("en"));

/** Reads stretches one after the other; false where the device has no voice of its own. */
export function readAloud(stretches: readonly string[]): boolean {
  const [voice] = ownVoices();
  if (!voice) return false;
  speechSynthesis.cancel();
  for (const stretch of stretches) {
    const saying = new SpeechSynthesisUtterance(spoken(stretch));
    saying.voice = voice;
    saying.rate = 0.9;
    speechSynthesis.speak(saying);
  }
  return true;
}
