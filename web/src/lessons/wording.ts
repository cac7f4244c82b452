import type { Activity, LessonPart } from '../api/schema';

export const PARTS: Record<LessonPart, { name: string; what: string }> = {
  revisit: { name: 'Revisit', what: 'what is due' },
  teach: { name: 'Teach', what: 'what is new' },
  practise: { name: 'Practise', what: 'read, then spell' },
  apply: { name: 'Apply', what: 'in sentences' },
};

export const ACTIVITIES: Record<Activity, string> = {
  cards: 'Cards, mixed: see it, say it',
  recall: 'Hear it, write every spelling',
  readAgain: 'Read again, faster',
  trickyAtSight: 'Tricky, at sight',
  meet: 'Meet',
  meetTricky: 'Meet the tricky words',
  listening: 'Listen: where is the sound?',
  oralBlending: 'Say the sounds, children say the word',
  compare: 'Compare: short vowel, then its partner',
  read: 'Read',
  chain: 'Chain: what changed, and where?',
  madeUp: 'Made-up words: only the sounds can tell',
  spell: 'Spell: say it, count the sounds, write it',
  readSentences: 'Read',
  writeSentence: 'Then cover it and write it',
  writeLetters: 'Hear it, write it',
  spare: 'Spare',
};

export const minutes = (seconds: number) => {
  const whole = Math.round(seconds / 60);
  return whole === 0 && seconds > 0 ? 'under 1 min' : `${whole} min`;
};

/** What to do, for somebody who has never given such a lesson: printed on the adult's page. */
export const HOW: Record<Activity, string> = {
  cards: 'Show each card for a moment. Children say the sound.',
  recall: 'Say the sound. Children write every spelling of it they know.',
  readAgain: 'Children read each word, quicker than last time.',
  trickyAtSight: 'Children read each word at once, without sounding it out.',
  meet: 'Show it, say it, and have children say it, then write it in the air and on their boards.',
  meetTricky:
    'Read the word to them. Find the part that does not go as they expect (wavy). Read it together three times.',
  listening: 'Say each word. Children show with a hand: first, inside or last?',
  oralBlending: 'Say the sounds one by one with a small gap. Children say the word.',
  read: 'Children say each sound, then the word. First you show, then together, then each alone.',
  compare: 'Children read the first word, then its partner, and say what the e did.',
  chain:
    'Children make the first word with letters. Say the next: they say what changed, and where, and change it.',
  madeUp: 'Say that these are not words. Children sound each one out and read it.',
  spell: 'Say the word, and the sentence if there is one. Children count the sounds on fingers, then write.',
  readSentences: 'Children read the sentence, then read it again as if they were talking.',
  writeSentence: 'Read it together, cover it, and say it slowly. Children write it.',
  writeLetters: 'Say the sound. Children write it, large, and say it as they write.',
  spare: 'If there is time, read these too.',
};
