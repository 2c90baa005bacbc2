import { settings, type Setting } from '@trowel/core/tables';
import { Row } from '@/ui/layout';
import { Toggle } from '@/ui/Toggle';
import { settingWords } from '@/wording/places';

/** What kind of place it is. */
export function SettingChoice({ setting, choose }: { setting: Setting; choose: (setting: Setting) => void }) {
  return (
    <Row wrap>
      {settings.map((id) => (
        <Toggle key={id} pressed={id === setting} onPress={() => choose(id)}>
          {settingWords[id]}
        </Toggle>
      ))}
    </Row>
  );
}
