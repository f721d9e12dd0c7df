import { Flex, Text } from '@chakra-ui/react';
import { isUs } from '../kit/style/style';
import type { Mould } from '../server/useMoulds';

/** What can be taken away of a mould. */
export function Downloads({ mould }: { mould: Mould }) {
  const at = `/api/moulds/${mould.id}`;
  const links: [string, string][] = [
    ...(mould.section.drawn
      ? ([
          ['template 1:1', `${at}/outline.pdf`],
          [isUs() ? 'on A4' : 'on Letter', `${at}/outline.pdf?paper=${isUs() ? 'a4' : 'letter'}`],
          ['section 1:1', `${at}/section.pdf`],
          ['outline SVG', `${at}/outline.svg`],
          ['section SVG', `${at}/section.svg`],
        ] satisfies [string, string][])
      : []),
    ...(mould.copies.length > 0 ? ([['labels', `${at}/labels`]] satisfies [string, string][]) : []),
  ];
  return (
    <Flex gap={4} wrap="wrap" mt={2}>
      <Text textStyle="small" color="quiet">
        Print or download:
      </Text>
      {links.map(([name, href]) => (
        <a key={name} className="plain-link" href={href} target="_blank" rel="noreferrer">
          <Text as="span" textStyle="small">
            {name}
          </Text>
        </a>
      ))}
    </Flex>
  );
}
