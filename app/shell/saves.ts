// What of the open build can be saved as a file, each under what it says.
import { computed } from 'vue'
import { ask } from '../desk/remote'
import { useDesk } from '../state/desk'
import { download, fileName } from '../ui/download'

interface Save {
  readonly says: string
  readonly save: () => Promise<void>
}

export function useSaves() {
  const desk = useDesk()
  const id = (): string => desk.state.build?.id ?? ''
  const save = (
    says: string,
    [ending, type]: readonly [ending: string, type: string],
    text: () => Promise<string | null>,
  ): Save => ({
    says,
    save: async () => {
      const told = await text()
      if (told !== null) download(fileName(desk.state.build?.name ?? 'build', ending), told, type)
    },
  })
  return computed((): readonly Save[] => [
    save('Save the build as a file', ['.juntura.json', 'application/json'], () =>
      ask('file', [id()]),
    ),
    save('Save the parts list as CSV', ['-parts.csv', 'text/csv'], () => ask('csv', id())),
    save('Save the build sheet as Markdown', ['-sheet.md', 'text/markdown'], () =>
      ask('sheet', id(), desk.horizon),
    ),
    save('Save a page to send, as HTML', ['.html', 'text/html'], () =>
      ask('page', id(), desk.horizon),
    ),
    ...(desk.analysis?.drawings.length
      ? [
          save('Save the drawing as SVG, in mm', ['-near.svg', 'image/svg+xml'], () =>
            ask('drawing', id(), desk.horizon, 'near'),
          ),
        ]
      : []),
    ...(desk.analysis?.routes.length
      ? [
          save('Save the cables as YAML', ['-harness.yaml', 'application/yaml'], () =>
            ask('harness', id(), desk.horizon),
          ),
        ]
      : []),
  ])
}
