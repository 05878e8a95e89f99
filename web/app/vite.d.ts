declare module '*.ttf?url' {
  const url: string;
  export default url;
}
declare module '*.css';
declare module '@fontsource-variable/*';
