import { Input, Text } from '@chakra-ui/react';

interface Props {
  label: string;
  onFile: (file: File | undefined) => void;
}

/** A comma-separated table from this computer. */
export function TableField({ label, onFile }: Props) {
  return (
    <label>
      <Text as="span" textStyle="small" color="quiet">
        {label}
      </Text>
      <Input
        type="file"
        accept=".csv,text/csv"
        h="56px"
        pt="13px"
        bg="panel"
        borderColor="steel"
        borderWidth="2px"
        maxW="420px"
        onChange={(e) => onFile(e.target.files?.[0])}
      />
    </label>
  );
}
