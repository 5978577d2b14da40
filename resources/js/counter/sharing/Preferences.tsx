import type { Dispatch, SetStateAction } from 'react';
import { Button } from '@/ui/Button';

interface Props {
  preferences: string[];
  words: Record<string, string>;
  setPreferences: Dispatch<SetStateAction<string[]>>;
  up: <T>(list: T[], n: number) => T[];
}

/** What counts, the first first. */
export function Preferences({ preferences, words, setPreferences, up }: Props) {
  return (
    <>
      <ol>
        {preferences.map((one, n) => (
          <li key={one} className="flex items-baseline gap-4 border-t border-line py-2" data-preference={one}>
            <span className="w-5 text-mute">{n + 1}</span>
            <span className="flex-1 font-medium">{words[one]}</span>
            {n > 0 && (
              <Button
                kind="quiet"
                small
                onClick={() => {
                  setPreferences(up(preferences, n));
                }}
              >
                before that
              </Button>
            )}
            {preferences.length > 1 && (
              <Button
                kind="quiet"
                small
                onClick={() => {
                  setPreferences(preferences.filter((other) => other !== one));
                }}
              >
                leave out
              </Button>
            )}
          </li>
        ))}
      </ol>
      <p className="flex flex-wrap gap-x-5 gap-y-1 border-t border-line py-2">
        {Object.entries(words)
          .filter(([key]) => !preferences.includes(key))
          .map(([key, name]) => (
            <Button
              key={key}
              kind="quiet"
              small
              onClick={() => {
                setPreferences([...preferences, key]);
              }}
            >
              + {name}
            </Button>
          ))}
      </p>
    </>
  );
}
