import { createRequire } from 'node:module';
import path from 'node:path';
import { transformSync } from 'esbuild';
import ts from 'typescript';

interface TextFile {
  path: string;
  text: string;
}

const require = createRequire(import.meta.url);

/** The components of a folder of text files, put together and run: gives what they draw on a page as HTML. */
export function renderedWith(files: readonly TextFile[]): (props: object) => string {
  const modules = new Map<string, object>();
  const byPath = new Map(files.map((file) => [file.path, file.text]));
  const load = (from: string, name: string): unknown => {
    if (!name.startsWith('.')) return require(name);
    const at = path.join(path.dirname(from), name);
    const file = [`${at}.tsx`, `${at}.ts`].find((each) => byPath.has(each))!;
    const known = modules.get(file);
    if (known) return known;
    const { code } = transformSync(byPath.get(file)!, {
      loader: file.endsWith('x') ? 'tsx' : 'ts',
      format: 'cjs',
      jsx: 'automatic',
    });
    const made = { exports: {} };
    modules.set(file, made.exports);
    new Function('require', 'module', 'exports', code)(
      (wanted: string) => load(file, wanted),
      made,
      made.exports,
    );
    modules.set(file, made.exports);
    return made.exports;
  };
  const parts = load('x', './components/index') as Record<string, React.FunctionComponent>;
  const { createElement, Fragment } = require('react') as typeof import('react');
  const { renderToStaticMarkup } = require('react-dom/server') as typeof import('react-dom/server');
  return (props) =>
    renderToStaticMarkup(
      createElement(
        Fragment,
        {},
        ...['SiteHeader', 'SiteFooter', 'SiteDrawers'].map((name) => createElement(parts[name]!, props)),
      ),
    );
}

const strictest: ts.CompilerOptions = {
  strict: true,
  noUncheckedIndexedAccess: true,
  exactOptionalPropertyTypes: true,
  noUnusedLocals: true,
  noUnusedParameters: true,
  noImplicitReturns: true,
  noEmit: true,
  skipLibCheck: true,
  jsx: ts.JsxEmit.ReactJSX,
  target: ts.ScriptTarget.ES2022,
  module: ts.ModuleKind.ESNext,
  moduleResolution: ts.ModuleResolutionKind.Bundler,
  types: ['react'],
};

/** What TypeScript finds wrong with several folders of text files, in one go. */
export function strictProblems(folders: readonly (readonly TextFile[])[]): string[] {
  const files = new Map(
    folders.flatMap((folder, index) =>
      folder
        .filter((file) => /\.tsx?$/.test(file.path))
        .map((file): [string, string] => [path.resolve(`made/${index}`, file.path), file.text]),
    ),
  );
  const host = ts.createCompilerHost(strictest);
  const { getSourceFile, fileExists, readFile } = host;
  // No folder is asked for: the files are nowhere.
  delete host.directoryExists;
  host.fileExists = (name) => files.has(name) || fileExists(name);
  host.readFile = (name) => files.get(name) ?? readFile(name);
  host.getSourceFile = (name, options, ...others) => {
    const text = files.get(name);
    return text === undefined
      ? getSourceFile(name, options, ...others)
      : ts.createSourceFile(name, text, options);
  };
  return ts
    .getPreEmitDiagnostics(ts.createProgram([...files.keys()], strictest, host))
    .map(({ file, start, messageText }) => {
      const line = file && file.getLineAndCharacterOfPosition(start!).line + 1;
      return `${file && path.relative('made', file.fileName)}:${line} ${ts.flattenDiagnosticMessageText(messageText, ' ')}`;
    });
}
