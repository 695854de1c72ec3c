import { useEffect, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import decodeQR from 'qr/decode.js';

/** How long between two looks at the picture, in milliseconds: quick enough for a hand, slow enough for the battery. */
const LOOK_EACH_MS = 150;
/** The longest edge that is looked at, in pixels: a label fills a good part of the picture. */
const LONGEST_EDGE = 720;

/** Why there is no picture: nobody allowed it, there is no camera, or the page is not served over TLS. */
type Trouble = 'refused' | 'no_camera' | 'not_secure';

function troubleOf(error: unknown): Trouble {
  return error instanceof DOMException && error.name === 'NotAllowedError' ? 'refused' : 'no_camera';
}

interface Props {
  /** What is written in the square; told again and again while it is in the picture. */
  onText: (text: string) => void;
}

/** The camera of the tablet, looking for the square of a label. Nothing of the picture is kept or sent. */
export default function ScanLabel({ onText }: Props) {
  const { t } = useTranslation();
  const video = useRef<HTMLVideoElement>(null);
  const told = useRef(onText);
  const [trouble, setTrouble] = useState<Trouble | null>(
    navigator.mediaDevices === undefined ? 'not_secure' : null,
  );
  useEffect(() => {
    told.current = onText;
  }, [onText]);
  useEffect(() => {
    const shown = video.current;
    if (shown === null || navigator.mediaDevices === undefined) {
      return;
    }
    const canvas = document.createElement('canvas');
    const stop = new AbortController();
    let stream: MediaStream | null = null;
    let next: number | undefined;
    const look = () => {
      const text = textIn(shown, canvas);
      if (text !== null) {
        told.current(text);
      }
      next = window.setTimeout(look, LOOK_EACH_MS);
    };
    navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } }).then(
      async (given) => {
        stream = given;
        if (stop.signal.aborted) {
          given.getTracks().forEach((track) => track.stop());

          return;
        }
        shown.srcObject = given;
        await shown.play();
        look();
      },
      (error: unknown) => setTrouble(troubleOf(error)),
    ).catch(() => setTrouble('no_camera'));

    return () => {
      stop.abort();
      window.clearTimeout(next);
      stream?.getTracks().forEach((track) => track.stop());
    };
  }, []);

  return trouble === null ? (
    <div className="scan">
      <video ref={video} muted playsInline aria-label={t('find.camera')} data-testid="camera" />
      <p>{t('find.hold_label')}</p>
    </div>
  ) : (
    <p role="alert" data-testid="no-camera">{t(`find.trouble.${trouble}`)}</p>
  );
}

function textIn(video: HTMLVideoElement, canvas: HTMLCanvasElement): string | null {
  const scale = Math.min(1, LONGEST_EDGE / Math.max(video.videoWidth, video.videoHeight, 1));
  canvas.width = Math.round(video.videoWidth * scale);
  canvas.height = Math.round(video.videoHeight * scale);
  const context = canvas.getContext('2d', { willReadFrequently: true });
  if (context === null || canvas.width === 0) {
    return null;
  }
  context.drawImage(video, 0, 0, canvas.width, canvas.height);
  try {
    return decodeQR(context.getImageData(0, 0, canvas.width, canvas.height));
  } catch {
    // No square in this picture; there will be another one.
    return null;
  }
}
