/**
 * Promises that nobody waits for lose what went wrong. In plain files the compiler's types tell which calls make one; in
 * components that took longer than all other rules together, so there it is told by the names: functions that are async in
 * the same file, and the few helpers through which everything else is asked.
 */
const HELPERS = new Set(['ask', 'attempt', 'inBackground'])

export const promises = {
  rules: {
    'no-lost-call': {
      meta: {
        type: 'problem',
        schema: [],
        messages: { lost: '{{name}} makes a promise: wait for it, or say void.' },
      },
      create(context) {
        const makers = new Set(HELPERS)
        const calls = []
        const isAsync = (node) => node?.async === true && /Function/.test(node.type)
        return {
          FunctionDeclaration(node) {
            if (node.async && node.id) makers.add(node.id.name)
          },
          VariableDeclarator(node) {
            if (isAsync(node.init) && node.id.type === 'Identifier') makers.add(node.id.name)
          },
          'ExpressionStatement > CallExpression'(node) {
            if (node.callee.type === 'Identifier') calls.push(node)
          },
          'Program:exit'() {
            for (const node of calls) {
              const { name } = node.callee
              if (makers.has(name)) context.report({ node, messageId: 'lost', data: { name } })
            }
          },
        }
      },
    },
  },
}
