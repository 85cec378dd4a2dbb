import { useState } from 'react';
import { View } from 'react-native';
import { v7 as uuidv7 } from 'uuid';
import type { Role, Visitors } from '@open-palm/contract';
import { codeAnswerSchema, ROLES } from '@open-palm/contract/access';
import { keptSchema } from '@open-palm/contract/apiError';
import { post } from '../../../foundation/api/access';
import { currentPerson } from '../../../foundation/api/accessState';
import { put } from '../../../foundation/api/client';
import { paths } from '../../../foundation/api/paths';
import { BackHeader } from '../../../foundation/kit/BackHeader';
import { Button } from '../../../foundation/kit/Button';
import { Card } from '../../../foundation/kit/Card';
import { Choice, Choices } from '../../../foundation/kit/Choice';
import { Loaded } from '../../../foundation/kit/Loaded';
import { Notice } from '../../../foundation/kit/Notice';
import { Screen } from '../../../foundation/kit/Screen';
import { Text } from '../../../foundation/kit/Text';
import { space } from '../../../foundation/kit/tokens';
import { WordField } from '../../../foundation/kit/WordField';
import { strings } from '../../../foundation/strings';
import { letInWords } from '../../../foundation/strings/letIn';
import { useAction } from '../useAction';
import { useVisitors } from '../useVisitors';

const words = letInWords.people;

type KnownPerson = Visitors['people'][number];

/** Who teaches in the studio. */
export function PeopleScreen() {
  const visitors = useVisitors();
  return (
    <Loaded from={visitors}>
      {({ people }) => (
        <Screen>
          <BackHeader title={words.title} backLabel={strings.nav.back} onBack="/studio" />
          {people.map((person) => (
            <PersonCard key={person.id} person={person} onChanged={visitors.retry} />
          ))}
          <NewPerson onChanged={visitors.retry} />
        </Screen>
      )}
    </Loaded>
  );
}

function PersonCard({ person, onChanged }: { person: KnownPerson; onChanged: () => void }) {
  const { id, name, role, hasPassphrase, isOut } = person;
  const [link, setLink] = useState<string | null>(null);
  const [asks, setAsks] = useState(false);
  const { problem, run } = useAction(onChanged);
  const about = [
    letInWords.home.roles[role],
    ...(id === currentPerson() ? [words.you] : []),
    ...(hasPassphrase ? [] : [words.noPassphrase]),
    ...(isOut ? [words.isOut] : []),
  ];
  return (
    <Card style={{ gap: space(2) }}>
      <View>
        <Text variant="figure">{name}</Text>
        <Text variant="small" second>
          {about.join(' · ')}
        </Text>
      </View>
      {link === null ? null : <OneTimeLink name={name} url={link} />}
      {problem === null ? null : <Notice tone="out">{problem}</Notice>}
      {asks ? (
        <Notice
          action={{
            label: words.sure,
            onPress: () =>
              run(async () => {
                await post(keptSchema, `${paths.person(id)}/out`);
                setAsks(false);
              }),
          }}
          further={{ label: letInWords.home.stay, onPress: () => setAsks(false) }}
        >
          {words.putOutAsk(name)}
        </Notice>
      ) : (
        <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: space(2) }}>
          {isOut ? (
            <Button
              label={words.letBack}
              compact
              onPress={() => run(() => put(keptSchema, paths.person(id), { name, role }))}
            />
          ) : (
            <>
              <Button
                label={words.giveLink}
                compact
                onPress={() =>
                  run(async () =>
                    setLink((await post(codeAnswerSchema, `${paths.person(id)}/code`)).url),
                  )
                }
              />
              {id === currentPerson() ? null : (
                <Button label={words.putOut} compact onPress={() => setAsks(true)} />
              )}
            </>
          )}
        </View>
      )}
    </Card>
  );
}

/** A link that is shown once. */
function OneTimeLink({ name, url }: { name: string; url: string }) {
  const [copied, setCopied] = useState(false);
  return (
    <View style={{ gap: space(2) }}>
      <Text variant="small">{words.link(name)}</Text>
      <Text variant="small" style={{ wordBreak: 'break-all' } as object}>
        {url}
      </Text>
      <Button
        label={copied ? words.copied : words.copy}
        icon="content-copy"
        compact
        onPress={() =>
          void navigator.clipboard.writeText(url).then(
            () => setCopied(true),
            () => undefined,
          )
        }
      />
    </View>
  );
}

function NewPerson({ onChanged }: { onChanged: () => void }) {
  const [isOpen, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [role, setRole] = useState<Role>('teacher');
  const { problem, run } = useAction(onChanged);
  if (!isOpen) {
    return <Button label={words.add} icon="plus" primary onPress={() => setOpen(true)} />;
  }
  return (
    <Card style={{ gap: space(3) }}>
      <WordField label={words.name} value={name} onChange={setName} />
      <Choices question={words.role}>
        {[...ROLES].reverse().map((one) => (
          <Choice
            key={one}
            label={words.roles[one]}
            chosen={one === role}
            onPress={() => setRole(one)}
          />
        ))}
      </Choices>
      {problem === null ? null : <Notice tone="out">{problem}</Notice>}
      <Button
        label={words.save}
        primary
        disabled={name.trim() === ''}
        onPress={() =>
          run(async () => {
            await put(keptSchema, paths.person(uuidv7()), { name, role });
            setOpen(false);
            setName('');
          })
        }
      />
    </Card>
  );
}
