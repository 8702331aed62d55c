/** A file as it is sent within JSON. */
export async function base64(file: File): Promise<string> {
  const address = await new Promise<string>((resolve, reject) => {
    const reader = new FileReader();
    reader.onload = () => resolve(reader.result as string);
    reader.onerror = () => reject(new Error(`${file.name} cannot be read. Choose it again.`));
    reader.readAsDataURL(file);
  });
  return address.slice(address.indexOf(',') + 1);
}
