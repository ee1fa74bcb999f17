// A passkey as second factor: the browser speaks with the device, Rodauth with the browser. The
// library comes only when it is wanted.
import { i18n } from '@/i18n'
import { authenticate, refresh, send, type AuthAnswer } from './session'

export const passkeysWork = () => typeof window.PublicKeyCredential === 'function'

/** Asks what is to be signed; null where the server offers nothing. */
async function challenge(path: string, body: object, name: 'webauthn_setup' | 'webauthn_auth') {
  const { answer } = await send(path, body)
  if (!answer[name]) throw new Error(answer.error ?? i18n.global.t('problem.notHere'))
  return {
    options: answer[name],
    answered: (credential: unknown) => ({
      ...body,
      [name]: credential,
      [`${name}_challenge`]: answer[`${name}_challenge`],
      [`${name}_challenge_hmac`]: answer[`${name}_challenge_hmac`],
    }),
  }
}

export async function addPasskey(password: string): Promise<AuthAnswer> {
  const { startRegistration } = await import('@simplewebauthn/browser')
  const asked = await challenge('/auth/webauthn-setup', { password }, 'webauthn_setup')
  const credential = await startRegistration({ optionsJSON: asked.options as never })
  return authenticate('/auth/webauthn-setup', asked.answered(credential))
}

export const removePasskey = (id: string, password: string) =>
  authenticate('/auth/webauthn-remove', { webauthn_remove: id, password })

/** The second factor of a sign-in. */
export async function givePasskey() {
  const { startAuthentication } = await import('@simplewebauthn/browser')
  const asked = await challenge('/auth/webauthn-auth', {}, 'webauthn_auth')
  const credential = await startAuthentication({ optionsJSON: asked.options as never })
  await authenticate('/auth/webauthn-auth', asked.answered(credential))
  await refresh()
}
