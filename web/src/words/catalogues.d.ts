declare module 'virtual:catalogues' {
  type Part = () => Promise<{ default: Record<string, never> }>
  const catalogues: Record<'en' | 'es' | 'it', Partial<Record<string, Part>>>
  export default catalogues
}
