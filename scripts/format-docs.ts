// The format's two documents, made from the schemas: a JSON Schema for programs and a page for
// people.
import { z } from 'zod'
import { FORMAT, VERSION, fileSchema } from '../core/document/file'
import { limitLines } from '../core/document/limits'
import { KINDS, PART_KINDS } from '../core/parts'

/** Path → text of each document. */
export function formatDocuments(): Readonly<Record<string, string>> {
  return {
    'docs/format/juntura.schema.json': `${JSON.stringify(z.toJSONSchema(fileSchema, { io: 'input' }), null, 2)}\n`,
    'docs/format/README.md': page(),
  }
}

function page(): string {
  const kinds = PART_KINDS.map(kind => {
    const rows = [...KINDS[kind].figures].map(
      ([path, f]) =>
        `| \`${path}\` | ${f.label} | ${f.unit} | ${f.least} to ${f.most} | ${f.take} |`,
    )
    return `### ${KINDS[kind].title} (\`"kind": "${kind}"\`)\n\n${rows.length > 0 ? `| figure | what | unit | likely | how to measure |\n|---|---|---|---|---|\n${rows.join('\n')}` : 'No figures.'}`
  })
  return `# The file format \`*.juntura.json\`, version ${VERSION}

One UTF-8 JSON document: \`{ "format": "${FORMAT}", "version": ${VERSION}, "builds": [...], "parts": [...] }\`.
[juntura.schema.json](juntura.schema.json) says every field; this page says what they mean. Both are made from the program's own schemas by \`npm run schema\`.

- A file is self-contained: each item of a build carries a snapshot of its part. A file of parts alone leaves \`builds\` empty.
- A part’s \`pages\` name pictures of its manual, held in \`photos\`; \`places: "derived"\` says that where its sockets lie comes from its form or archetype.
- The same parts leave and come as a table (CSV): one line a part, a column a path (\`rails.W12\`), lists as JSON in their cell.
- Keys that the program does not know are kept and written back.
- Another kind of file, a newer version, broken JSON or a part that does not fit is refused with one sentence; nothing stored changes.

## Figures

Wherever a physical value is expected:

| written | means |
|---|---|
| \`167\` | from the spec sheet, with that unit's usual tolerance (1 mm; 3 % of watts, amps, volts) |
| \`{ "mm": 166.5, "basis": "measured", "tol": 0.5, "on": "2031-03-02" }\` | with its basis (measured, standard, spec, assumed), tolerance and date |
| \`null\`, or left out | not stated: what needs it says "measure", or uses the kind's assumed default |

## A build

\`items\` hold a part each, with \`state\` (have, ordered, wanted, later, spare), \`condition\` (new, known good, unknown, suspect), and \`figures\`: what was measured on this copy, path → figure, over the part's own.
\`purchase\` holds shop, price to pay at most, days, and what was looked at on arrival. \`choices\` hold the schools of sizing and of order, joints and steps put by hand, demands left open and findings accepted, each with its reason. \`progress\` holds what was made, proved or crossed off, under the joint's id \`item/end~item/end\` or the task's. \`photos\` name pictures by id; the file's own \`photos\` hold them as data URLs of small images. \`log\` is every change: the command that was done (\`command\`, with the names its line needs in \`about\`; \`way\` says whether it was taken back or done again), or the line that version 1 wrote. In a file with everything, \`bin\` says which builds lay in the bin, and since when.

## Limits

They bind what comes in new: a file, a table, a command. What lies in a store already opens all the same.

| at most | of | because |
|---|---|---|
${limitLines()
  .map(({ of, most, why }) => `| ${most} | ${of} | ${why} |`)
  .join('\n')}

## Frames

Case x from the rear wall to the front, y from the floor up, z from the tray toward the near panel; board x from the rear edge, y from the top edge down. Axes of a seat are written \`+x -y +z\`: where the part's own x, y and z point.

## Kinds of part and their figures

${kinds.join('\n\n')}
`
}
