import { router } from '@inertiajs/react';
import { useState } from 'react';
import { Button } from '@/ui/Button';
import { ClosedSign } from '@/window/ClosedSign';
import { FirstVersion } from '@/window/FirstVersion';
import { LINK, SeeWide, Steps } from '@/window/Steps';
import type { Galley } from '@/window/useGalley';
import { PlacesOfWindow } from '@/window/PlacesOfWindow';
import { PublishLater } from '@/window/PublishLater';
import { VersionsSheet } from '@/window/VersionsSheet';

interface Props {
  galley: Galley;
  shopUrl: string;
  wide: boolean;
  onWide: () => void;
}

/** What is being dressed, how it stands against what shoppers see, and publishing. */
export function GalleyHead({ galley, shopUrl, wide, onWide }: Props) {
  const [versions, setVersions] = useState(false);
  const [first, setFirst] = useState(false);
  const { standing } = galley;
  return (
    <>
      <div className="flex flex-none items-center gap-x-5 gap-y-2 px-6 pt-4 pb-3 text-[13.5px] text-mute max-lg:flex-wrap">
        <PlacesOfWindow at="front" />
        <p role="status" data-changed={standing.changes > 0}>
          {galley.saving ? 'Saving…' : standing.words}
          {standing.sample !== '' && <span data-sample>{` · ${standing.sample}`}</span>}
        </p>
        <div className="ml-auto flex items-center gap-x-4 gap-y-2 whitespace-nowrap max-lg:flex-wrap">
          <Steps galley={galley} />
          <button
            type="button"
            className={LINK}
            onClick={() => {
              setFirst(true);
            }}
          >
            First version
          </button>
          <SeeWide wide={wide} onWide={onWide} />
          <button
            type="button"
            className={LINK}
            onClick={() => {
              setVersions(true);
            }}
          >
            Versions
          </button>
          <a href={shopUrl} target="_blank" rel="noreferrer" className={LINK}>
            The published shop
          </a>
          {standing.due !== null ? (
            <span className="text-ochre">
              {`goes out ${standing.due} `}
              <button
                type="button"
                className={LINK}
                onClick={() => standing.dueId !== null && void galley.callOff(standing.dueId)}
              >
                Call it off
              </button>
            </span>
          ) : (
            <PublishLater onSet={(at) => galley.publish(at)} />
          )}
          <Button
            kind="do"
            disabled={standing.changes === 0 || galley.saving}
            onClick={() => {
              void galley.publish().then(() => {
                router.reload({ only: ['frame'] });
              });
            }}
          >
            Publish
          </Button>
        </div>
        <FirstVersion
          open={first}
          galley={galley}
          onClose={() => {
            setFirst(false);
          }}
        />
        <VersionsSheet
          open={versions}
          galley={galley}
          onClose={() => {
            setVersions(false);
          }}
        />
      </div>
      <ClosedSign />
    </>
  );
}
