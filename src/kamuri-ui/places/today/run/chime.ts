let audio: AudioContext | null = null

/** Browsers let sound begin only after a press; any press on the run screen opens it. */
export function openSound() {
  if (!navigator.userActivation?.hasBeenActive) return
  audio ??= new AudioContext()
  if (audio.state === 'suspended') void audio.resume()
}

/** A short chime made on the spot: two rising tones at the earliest, three falling ones at the latest. */
export function chime(kind: 'earliest' | 'latest') {
  if (audio?.state !== 'running') return
  const tones = kind === 'earliest' ? [523, 784] : [784, 659, 523]
  tones.forEach((frequency, n) => {
    const start = audio!.currentTime + n * 0.28
    const tone = audio!.createOscillator()
    const loudness = audio!.createGain()
    tone.type = 'sine'
    tone.frequency.value = frequency
    loudness.gain.setValueAtTime(0, start)
    loudness.gain.linearRampToValueAtTime(0.25, start + 0.03)
    loudness.gain.exponentialRampToValueAtTime(0.001, start + 0.9)
    tone.connect(loudness).connect(audio!.destination)
    tone.start(start)
    tone.stop(start + 1)
  })
}
