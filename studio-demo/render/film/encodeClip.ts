import { fileURLToPath } from 'node:url';
import { chromium } from '@playwright/test';
import { build } from 'esbuild';
import type { ClipOrder } from './page/encode';

const CHROMIUM = process.env.CHROMIUM_PATH ?? '/usr/bin/chromium';

/** Makes clips out of pictures, in a browser that has the encoders. */
export interface ClipEncoder {
  /** @returns the clip's file */
  encode(order: ClipOrder): Promise<Buffer>;
  /** The frames of a clip, ready to be encoded again. */
  read(clip: Buffer): Promise<ClipOrder['frames']>;
  close(): Promise<void>;
}

export async function openClipEncoder(): Promise<ClipEncoder> {
  const bundle = await build({
    entryPoints: [fileURLToPath(new URL('page/encode.ts', import.meta.url))],
    bundle: true,
    write: false,
    format: 'iife',
    target: 'chrome120',
  });
  const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox'] });
  const page = await browser.newPage();
  // Encoders are there only where a page is trusted: a local address that is answered from here.
  const address = 'http://localhost/';
  await page.route(address, (route) =>
    route.fulfill({ contentType: 'text/html', body: '<!doctype html><title>Encoder</title>' }),
  );
  await page.goto(address);
  await page.addScriptTag({ content: bundle.outputFiles[0]!.text });
  return {
    async encode(order) {
      return Buffer.from(await page.evaluate((o) => window.encodeClip(o), order), 'base64');
    },
    read: (clip) => page.evaluate((file) => window.readClip(file), asBase64(clip)),
    close: () => browser.close(),
  };
}

/** A file as the encoder takes it. */
export const asBase64 = (file: Buffer): string => file.toString('base64');
