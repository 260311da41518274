// Sheets come in German too, whole or line by line: their words are put into English before they are read. What
// is shown of a sheet stays as it is written.

/** Words as sheets have them, the longer ones first; each stands for what the reader knows. */
const WORDS: readonly (readonly [RegExp, string])[] = [
  [/(?:max(?:imal|\.)?e? )?(?:Grafik)?kartenlänge/gi, 'max. graphics card length'],
  [/Grafikkarten?/gi, 'graphics card'],
  [
    /(?:CPU-?|Prozessor)?Kühlerhöhe|Höhe (?:des )?(?:CPU|Prozessor)-?Kühlers?/gi,
    'CPU cooler height',
  ],
  [/Netzteillänge/gi, 'power supply length'],
  [/Netzteile?/gi, 'power supply'],
  [/(?:CPU-|Prozessor)kühlers?/gi, 'CPU cooler'],
  [/Hauptplatinen?/gi, 'motherboard'],
  [/Laufwerksschächte|Einbauschächte|Laufwerkseinschübe|Einschübe/gi, 'drive bays'],
  [/Erweiterungs(?:slots?|steckplätze|karten)|Steckkartenplätze/gi, 'expansion slots'],
  [/(?:Speicher|RAM-)(?:steckplätze|slots|bänke)/gi, 'memory slots'],
  [/Speicherkapazität|Gesamtkapazität|Kapazität/gi, 'capacity'],
  [/Arbeitsspeicher/gi, 'memory'],
  [/Speichertyp/gi, 'memory type'],
  [/Kabellänge/gi, 'cable length'],
  [/Kabelbinder/gi, 'cable ties'],
  [/Schrauben?\b/gi, 'screws'],
  [/Lieferumfang/gi, 'package contents'],
  [/Abmessungen|Maße\b/gi, 'dimensions'],
  [/Formfaktor|Bauform/gi, 'form factor'],
  [/Schnittstellen?/gi, 'interface'],
  [/Wärmeleitpaste/gi, 'thermal paste'],
  [/Gesamtleistung|Nennleistung/gi, 'total power'],
  [/Leistungsaufnahme|Verlustleistung/gi, 'power consumption'],
  [/Leistung\b/gi, 'power'],
  [/Stromaufnahme|Nennstrom/gi, 'current'],
  [/(?:Betriebs)?spannung\b/gi, 'voltage'],
  [/Drehzahl/gi, 'speed'],
  [/Anschlüsse|Stecker\b|Steckverbinder/gi, 'connectors'],
  [/Anschluss\b/gi, 'connector'],
  [/Prozessorsockel|Sockel\b/gi, 'socket'],
  [/Prozessor(?:en)?\b/gi, 'processor'],
  [/Lüfterplätze/gi, 'fan places'],
  [/Gehäuselüfter/gi, 'case fan'],
  [/Lüfters?\b/gi, 'fans'],
  [/Kühlers?\b/gi, 'cooler'],
  [/Gehäuse\b/gi, 'case'],
  [/Festplatten?\b/gi, 'hard disk'],
  [/Tastatur\b/gi, 'keyboard'],
  [/Maus\b/gi, 'mouse'],
  [/Lautsprecher\b/gi, 'speakers'],
  [/vor(?:installiert|montiert)e?n?/gi, 'pre-installed'],
  [/(?:im Lieferumfang )?enthalten|inbegriffen|inklusive|\binkl\./gi, 'included'],
  [/\b(?:an der )?(?:vorne|Vorderseite)\b|\ban der Front\b/gi, 'front'],
  [/\b(?:an der )?(?:hinten|Rückseite|Heck)\b/gi, 'rear'],
  [/\b(?:oben|im Deckel|Deckel|Oberseite)\b/gi, 'top'],
  [/\b(?:unten|am Boden|Boden|Unterseite)\b/gi, 'bottom'],
  [/\bintern(?:e[rsn]?)?\b/gi, 'internal'],
  [/\bextern(?:e[rsn]?)?\b/gi, 'external'],
  [/(?<=\d)[- ]?polig\b/gi, '-pin'],
  [/Stromanschl(?:uss|üsse)/gi, 'power connector'],
  [/(?<=[-\s])Kabel\b/gi, 'cable'],
  [/\bU\/min\b/gi, 'rpm'],
  [/\bja\b(?=,|$)/gi, 'yes'],
  [/Gesamthöhe|Höhe\b/gi, 'height'],
  [/Breite\b/gi, 'width'],
  [/Tiefe\b/gi, 'depth'],
  [/Länge\b/gi, 'length'],
  [/(?:Dicke|Stärke)\b/gi, 'thickness'],
  [/Gewicht\b/gi, 'weight'],
  [/Kerne\b/gi, 'cores'],
  [/\bbis (?:zu|max\.?)\b/gi, 'up to'],
  [/\bmaximal(?:e[rns]?)?\b/gi, 'max.'],
  [/\bje(?:weils)?\b/gi, 'each'],
  [/\bStück\b|\bStk\.?(?=\s|$)/gi, 'pcs'],
  [/\bkeine?[rns]?\b/gi, 'none'],
  [/\boder\b/gi, 'or'],
  [/\bund\b/gi, 'and'],
  [/\bohne\b/gi, 'without'],
  [/\bmit\b/gi, 'with'],
  [/\bfür\b/gi, 'for'],
]
/** Words that only German has: without one of them a line is left as it is. */
const GERMAN = new RegExp(WORDS.map(([words]) => words.source).join('|'), 'i')

/** "Sockel / Socket": the same twice, once it is in English. */
const TWICE = /\b([a-z][a-z .-]*?)\s*\/\s*\1(?![a-z])/gi

/** A line in English, as far as it is German. */
export function inEnglish(line: string): string {
  if (!GERMAN.test(line)) return line
  const said = WORDS.reduce((text, [words, english]) => text.replace(words, english), line)
  return said.replace(TWICE, '$1')
}
