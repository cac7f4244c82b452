import type { Activity, LessonPart, SpellAloud, TrickyLearning } from '../api/schema';
import type { TermWords } from '../api/useTerms';

export const PARTS: Record<LessonPart, { name: string; what: string }> = {
  revisit: { name: 'Revisit', what: 'what is due' },
  teach: { name: 'Teach', what: 'what is new' },
  practise: { name: 'Practise', what: 'read, then spell' },
  apply: { name: 'Apply', what: 'in sentences' },
};

/** The parts of a lesson before the ladder begins. */
export const BY_EAR: Record<LessonPart, string> = {
  revisit: 'what is due',
  teach: 'hear it',
  practise: 'put it together',
  apply: 'take it apart',
};

/** What each kind of block is called, in the school’s terms. */
export const activities = (terms: TermWords, spell: SpellAloud): Record<Activity, string> => ({
  cards: 'Cards, mixed: see it, say it',
  recall: 'Hear it, write every spelling',
  readAgain: 'Read again, faster',
  trickyAtSight: `${terms.TrickyWords}, at sight`,
  meet: 'Meet',
  meetTricky: `Meet the ${terms.trickyWords}`,
  listening: 'Listen: where is the sound?',
  oralBlending: 'Say the sounds, children say the word',
  sayApart: 'Say the word, children say its sounds',
  compare: 'Compare: short vowel, then its partner',
  read: 'Read',
  chain: 'Chain: what changed, and where?',
  madeUp: `${terms.MadeUpWords}: only the sounds can tell`,
  spell: SPELL[spell],
  readSentences: 'Read',
  writeSentence: 'Then cover it and write it',
  writeLetters: 'Hear it, write it',
  spare: 'Spare',
});

const SPELL: Record<SpellAloud, string> = {
  soundsThenNames: 'Spell: say the sounds, write it, name the letters',
  sounds: 'Spell: say it, count the sounds, write it',
  names: 'Spell: say it, write it, naming each letter',
};

const HOW_SPELL: Record<SpellAloud, string> = {
  soundsThenNames:
    'Say the word, and the sentence if there is one. Children count the sounds on fingers, write, then spell it back in letter names.',
  sounds:
    'Say the word, and the sentence if there is one. Children count the sounds on fingers, then say each as they write it.',
  names: 'Say the word, and the sentence if there is one. Children write it, saying the name of each letter.',
};

export const minutes = (seconds: number) => {
  const whole = Math.round(seconds / 60);
  return whole === 0 && seconds > 0 ? 'under 1 min' : `${whole} min`;
};

/** What to do, for somebody who has never given such a lesson: printed on the adult's page. */
export const how = (
  terms: TermWords,
  spell: SpellAloud,
  tricky: TrickyLearning,
): Record<Activity, string> => ({
  cards: 'Show each card for a moment. Children say the sound.',
  recall: 'Say the sound. Children write every spelling of it they know.',
  readAgain: 'Children read each word, quicker than last time.',
  trickyAtSight: `Children read each word at once; they need not ${terms.soundOut} any of it.`,
  meet: 'Show it, say it, and have children say it, then write it in the air and on their boards.',
  meetTricky:
    tricky === 'whole'
      ? 'Read the word to them. Say the names of its letters together, cover it, write it, look again.'
      : 'Read the word to them. Find the part that does not go as they expect (marked). Read it together three times.',
  listening: 'Say each word. Children show with a hand: first, inside or last?',
  oralBlending: 'Say the sounds one by one with a small gap. Children say the word.',
  sayApart: 'Say the word. Children say its sounds one by one, a finger for each.',
  read: `Children ${terms.soundOut} each word, then say it. First you show, then together, then each alone.`,
  compare: 'Children read the first word, then its partner, and say what the e did.',
  chain:
    'Children make the first word with letters. Say the next: they say what changed, and where, and change it.',
  madeUp: `Say that these are no real words. Children ${terms.soundOut} each one, then read it.`,
  spell: HOW_SPELL[spell],
  readSentences: 'Children read the sentence, then read it again as if they were talking.',
  writeSentence: 'Read it together, cover it, and say it slowly. Children write it.',
  writeLetters: 'Say the sound. Children write it, large, and say it as they write.',
  spare: 'If there is time, read these too.',
});
