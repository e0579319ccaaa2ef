const LARGEST = 1024 * 1024

/** Sends a file to where it is taken in. @return what is wrong with it, if anything */
export async function sendFile(file: File, to: string, offline: string, tooLarge: string): Promise<string> {
  if (file.size > LARGEST) {
    return tooLarge
  }
  const answer = await fetch(to, {
    method: 'POST', headers: { 'Content-Type': 'application/json' }, body: await file.text(),
  }).catch(() => undefined)
  if (!answer) {
    return offline
  }
  return answer.ok ? '' : (await answer.json() as { detail?: string }).detail ?? offline
}
