import { codeProblemWords, type Words } from '../text';

export const codeRefused: Words = {
  title: (v) => `${v['tag']} will refuse the code of ${v['name']}`,
  reason: (v) => `${codeProblemWords(String(v['problem']))}.`,
};
