// A passkey that opens what lies on this device: after a finger, a face or the device's own code it
// gives the same secret for the same salt each time (the prf extension of WebAuthn Level 3). The
// office is not asked, so that it opens without a signal too.

/** What a passkey gave, and what it needs to give it again. */
export interface Passkey {
  credential: ArrayBuffer
  salt: Uint8Array<ArrayBuffer>
  secret: BufferSource
}

const random = (bytes: number) => crypto.getRandomValues(new Uint8Array(bytes))
const PATIENCE = 60_000 // ms for a finger or a face

/** Whether this device has a finger, a face or a code of its own to ask for. */
export async function passkeysOpen(): Promise<boolean> {
  if (typeof window.PublicKeyCredential !== 'function') return false
  return PublicKeyCredential.isUserVerifyingPlatformAuthenticatorAvailable().catch(() => false)
}

/** Makes one on this device; null where its passkeys give no secret, or nobody confirmed it. */
export async function makePasskey(name: string): Promise<Passkey | null> {
  const salt = random(32)
  const made = await navigator.credentials
    .create({
      publicKey: {
        challenge: random(32),
        rp: { name: 'Munimen' },
        user: { id: random(16), name, displayName: name },
        pubKeyCredParams: [
          { type: 'public-key', alg: -7 },
          { type: 'public-key', alg: -257 },
        ],
        authenticatorSelection: {
          authenticatorAttachment: 'platform',
          residentKey: 'discouraged',
          userVerification: 'required',
        },
        timeout: PATIENCE,
        extensions: { prf: { eval: { first: salt } } },
      },
    })
    .catch(() => null)
  if (!(made instanceof PublicKeyCredential)) return null
  const secret = told(made) ?? (await secretOf(made.rawId, salt))
  return secret && { credential: made.rawId, salt, secret }
}

/** The secret of a passkey; null where nobody confirmed it. */
export async function secretOf(
  credential: ArrayBuffer,
  salt: Uint8Array<ArrayBuffer>,
): Promise<BufferSource | null> {
  const given = await navigator.credentials
    .get({
      publicKey: {
        challenge: random(32),
        allowCredentials: [{ type: 'public-key', id: credential }],
        userVerification: 'required',
        timeout: PATIENCE,
        extensions: { prf: { eval: { first: salt } } },
      },
    })
    .catch(() => null)
  return given instanceof PublicKeyCredential ? told(given) : null
}

const told = (credential: PublicKeyCredential): BufferSource | null =>
  credential.getClientExtensionResults().prf?.results?.first ?? null
