/**
 * Small things that this browser keeps, by name. A browser whose storage is off or full keeps them as long as the window
 * lives: nobody has to ask whether there is a storage.
 */
const inWindow = new Map<string, string>();

export function readLocal(name: string): string | null {
  try {
    return inWindow.get(name) ?? window.localStorage.getItem(name);
  } catch {
    return null;
  }
}

/** Answers whether it outlives this window. */
export function writeLocal(name: string, text: string): boolean {
  try {
    window.localStorage.setItem(name, text);
    inWindow.delete(name);
    return true;
  } catch {
    inWindow.set(name, text);
    return false;
  }
}

export function dropLocal(name: string): void {
  inWindow.delete(name);
  try {
    window.localStorage.removeItem(name);
  } catch {
    // Then it never was there.
  }
}

/** The names that are kept. */
export function localNames(): string[] {
  try {
    return [...new Set([...inWindow.keys(), ...Object.keys(window.localStorage)])];
  } catch {
    return [...inWindow.keys()];
  }
}
