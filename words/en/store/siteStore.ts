import { messages } from '../../messages';

export const say = messages({
  nothingWasChanged: (refusalWords: string) => `${refusalWords} Nothing was changed.`,
  beenTakenBackAlready: 'This has been undone already. Nothing was changed.',
  aldabaStillLoadingNothing: 'Aldaba is still loading. Nothing was changed; try again in a moment.',
  keptAmongCouldNot: 'It is kept among what could not be saved.',
  nothingWasChanged2: 'Nothing was changed.',
  youSignedWithoutCodes:
    'You are signed in without codes: people and keypads are changed by whoever sees them. Nothing was changed.',
  codesStillBeingFetched: 'Codes are still being fetched. Nothing was changed; try again in a moment.',
  codesNotKeptWithout:
    'Codes are not kept without the network. Nothing was changed; people and keypads wait for it.',
  browserNoRoomKeep:
    'This browser has no room to keep unsaved changes. Leave the tab open until they are saved.',
  codesWereTypedBrowser:
    'Codes that were typed in this browser for another server, and never sent, cannot be read any more. Type them again.',
});
