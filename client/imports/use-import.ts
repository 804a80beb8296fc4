import { useMutation } from '@tanstack/react-query';
import { useRef, useState } from 'react';

import { call, CallFault } from '@/client/api';
import { changePreview, previewImport, type ImportPreview } from '@/contract/imports';
import { need } from '@/core/need';

export interface ImportFile {
  fileName: string;
  content: string;
  pasted: boolean;
}

/** What is asked of a file that is being looked at. */
export interface Change {
  mapping?: ImportPreview['mapping'];
  partners?: ImportPreview['partners'];
  edits?: { row: number; column: number; value: string }[];
}

type Asked = { file: ImportFile } | { id: string; change: Change };

/** A file that is being looked at; each answer is a reading of the whole of it. */
export interface Looked {
  fileName: string;
  preview: ImportPreview;
  /** Grows with each reading. */
  reading: number;
}

/** A file from being chosen until it comes in: read, and read anew with what is put right. */
export function useImport() {
  const [looked, setLooked] = useState<Looked | null>(null);
  const calledOff = useRef(new AbortController());
  const read = useMutation<ImportPreview, CallFault, Asked>({
    mutationFn: (asked) => {
      calledOff.current = new AbortController();
      const { signal } = calledOff.current;
      return 'file' in asked
        ? call(previewImport, { body: { ...asked.file, mapping: null } }, { signal })
        : call(changePreview, { params: { id: asked.id }, body: asked.change }, { signal });
    },
    onSuccess: (preview, asked) =>
      setLooked((before) => ({
        fileName: 'file' in asked ? asked.file.fileName : need(before).fileName,
        preview,
        reading: (before?.reading ?? 0) + 1,
      })),
  });
  return {
    looked,
    busy: read.isPending,
    fault: read.error?.message ?? null,
    open: (file: ImportFile) => read.mutate({ file }),
    change: (change: Change) => looked && read.mutate({ id: looked.preview.id, change }),
    callOff: () => {
      calledOff.current.abort();
      read.reset();
    },
    close: () => {
      setLooked(null);
      read.reset();
    },
  };
}
