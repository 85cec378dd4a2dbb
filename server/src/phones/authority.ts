import 'reflect-metadata';
import { randomBytes, webcrypto } from 'node:crypto';
import { BlockList, isIP } from 'node:net';
import { GeneralName, GeneralSubtree, GeneralSubtrees, NameConstraints } from '@peculiar/asn1-x509';
import { AsnConvert } from '@peculiar/asn1-schema';
import * as x509 from '@peculiar/x509';

/** A certificate with its key, both as PEM. */
export interface Pair {
  certificate: string;
  key: string;
}

const { subtle } = webcrypto;
x509.cryptoProvider.set(webcrypto as unknown as Crypto);

const CURVE = { name: 'ECDSA', namedCurve: 'P-256' };
const SIGNING = { name: 'ECDSA', hash: 'SHA-256' };
const DAY_MS = 86_400_000;
const AUTHORITY_DAYS = 3650;
/** As long as browsers take one at most (the limit of publicly trusted ones, which some apply to all; from memory). */
export const LEAF_DAYS = 397;
const ID_CE_NAME_CONSTRAINTS = '2.5.29.30';

/** Networks of a house (RFC 1918, RFC 3927, RFC 6890): the authority can vouch for nothing outside of them. */
const PRIVATE_RANGES = [
  '10.0.0.0/8',
  '172.16.0.0/12',
  '192.168.0.0/16',
  '169.254.0.0/16',
  '127.0.0.0/8',
];

const PRIVATE = new BlockList();
for (const range of PRIVATE_RANGES) {
  const [base, bits] = range.split('/') as [string, string];
  PRIVATE.addSubnet(base, Number(bits));
}

/**
 * Makes the studio's own authority. Whatever becomes of its key, it can vouch for the studio's name and for private addresses alone: name
 * constraints that are critical (RFC 5280 section 4.2.1.10).
 *
 * @param title what people read in the list of their phone
 * @param name the studio's name in the network, as "desk.local"
 */
export async function makeAuthority(title: string, name: string, now: Date): Promise<Pair> {
  const keys = await subtle.generateKey(CURVE, true, ['sign', 'verify']);
  const certificate = await x509.X509CertificateGenerator.createSelfSigned({
    serialNumber: serial(),
    name: `CN=${escaped(title)}`,
    notBefore: daysFrom(now, -1),
    notAfter: daysFrom(now, AUTHORITY_DAYS),
    signingAlgorithm: SIGNING,
    keys: keys as CryptoKeyPair,
    extensions: [
      new x509.BasicConstraintsExtension(true, 0, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.keyCertSign, true),
      new x509.Extension(ID_CE_NAME_CONSTRAINTS, true, constraints(name)),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey as CryptoKey),
    ],
  });
  return { certificate: certificate.toString('pem'), key: await pemOf(keys.privateKey) };
}

/**
 * Makes the certificate that the studio shows, for its name and this machine's addresses.
 *
 * @param addresses IPv4 addresses
 */
export async function makeLeaf(
  authority: Pair,
  name: string,
  addresses: readonly string[],
  now: Date,
): Promise<Pair> {
  const issuer = new x509.X509Certificate(authority.certificate);
  const signingKey = await subtle.importKey(
    'pkcs8',
    x509.PemConverter.decodeFirst(authority.key),
    CURVE,
    false,
    ['sign'],
  );
  const keys = await subtle.generateKey(CURVE, true, ['sign', 'verify']);
  const certificate = await x509.X509CertificateGenerator.create({
    serialNumber: serial(),
    subject: `CN=${escaped(name)}`,
    issuer: issuer.subject,
    notBefore: daysFrom(now, -1),
    notAfter: daysFrom(now, LEAF_DAYS - 1),
    signingAlgorithm: SIGNING,
    publicKey: keys.publicKey as CryptoKey,
    signingKey: signingKey as CryptoKey,
    extensions: [
      new x509.BasicConstraintsExtension(false, undefined, true),
      new x509.KeyUsagesExtension(x509.KeyUsageFlags.digitalSignature, true),
      new x509.ExtendedKeyUsageExtension([x509.ExtendedKeyUsage.serverAuth]),
      new x509.SubjectAlternativeNameExtension([
        { type: 'dns', value: name },
        ...addresses.map((value) => ({ type: 'ip' as const, value })),
      ]),
      await x509.AuthorityKeyIdentifierExtension.create(issuer),
      await x509.SubjectKeyIdentifierExtension.create(keys.publicKey as CryptoKey),
    ],
  });
  return { certificate: certificate.toString('pem'), key: await pemOf(keys.privateKey) };
}

/** Until when a certificate holds. */
export const holdsUntil = (certificate: string): Date =>
  new x509.X509Certificate(certificate).notAfter;

/** For which names and addresses a certificate vouches. */
export const vouchesFor = (certificate: string): string[] =>
  new x509.X509Certificate(certificate)
    .getExtension(x509.SubjectAlternativeNameExtension)!
    .names.items.map(({ value }) => value);

/** SHA-256 of a certificate in groups of four, as phones show it. */
export async function fingerprintOf(certificate: string): Promise<string> {
  const bytes = await new x509.X509Certificate(certificate).getThumbprint('SHA-256');
  const digits = Buffer.from(bytes).toString('hex').toUpperCase();
  return digits.match(/.{4}/g)!.join(' ');
}

/** The certificate as bytes, for a phone to take. */
export const derOf = (certificate: string): Buffer =>
  Buffer.from(new x509.X509Certificate(certificate).rawData);

const daysFrom = (now: Date, days: number): Date => new Date(now.getTime() + days * DAY_MS);

/** A positive number of 127 random bits. */
function serial(): string {
  const bytes = randomBytes(16);
  bytes[0]! &= 0x7f;
  return bytes.toString('hex');
}

/** Letters that mean something in a name of X.500. */
const escaped = (text: string): string => text.replace(/[\\,+"<>;=#]/g, ' ').trim();

async function pemOf(key: unknown): Promise<string> {
  const bytes = await subtle.exportKey('pkcs8', key as webcrypto.CryptoKey);
  return x509.PemConverter.encode(bytes, x509.PemConverter.PrivateKeyTag);
}

function constraints(name: string): ArrayBuffer {
  const subtree = (base: GeneralName) => new GeneralSubtree({ base });
  const ranges = PRIVATE_RANGES.map((iPAddress) => subtree(new GeneralName({ iPAddress })));
  const permitted = [subtree(new GeneralName({ dNSName: name })), ...ranges];
  return AsnConvert.serialize(
    new NameConstraints({ permittedSubtrees: new GeneralSubtrees(permitted) }),
  );
}

/** Whether an address is of a network that the authority may vouch for. */
export const isPrivate = (address: string): boolean =>
  isIP(address) === 4 && PRIVATE.check(address);
