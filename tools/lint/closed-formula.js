// A formula may use only what it is handed: its inputs are what is shown, so anything else it read would be hidden.
// Bindings of the module and imports are constants and other formulas; what a function around it holds is not.

const MAKERS = new Set(['reckon', 'formula']);

/** The functions handed to a call that makes a figure: as an argument, or as `f` of a record. */
function formulasOf(call) {
  const out = [];
  for (const argument of call.arguments) {
    if (/Function/.test(argument.type)) out.push(argument);
    if (argument.type === 'ObjectExpression')
      for (const p of argument.properties)
        if (p.type === 'Property' && p.key.name === 'f' && /Function/.test(p.value.type)) out.push(p.value);
  }
  return out;
}

export default {
  meta: {
    type: 'problem',
    docs: { description: 'a formula uses only its inputs and constants of its module' },
    messages: {
      hidden: '“{{name}}” is read by this formula but not among its inputs: hand it in, so that it is shown.',
      none: 'This formula takes no inputs: what is shown beside it would be decoration.',
    },
    schema: [],
  },
  create(context) {
    const code = context.sourceCode;
    return {
      CallExpression(node) {
        if (node.callee.type !== 'Identifier' || !MAKERS.has(node.callee.name)) return;
        for (const f of formulasOf(node)) {
          if (f.params.length === 0) context.report({ node: f, messageId: 'none' });
          for (const { identifier, resolved } of code.getScope(f).through) {
            const kind = resolved?.scope.type;
            if (resolved && kind !== 'module' && kind !== 'global')
              context.report({ node: identifier, messageId: 'hidden', data: { name: identifier.name } });
          }
        }
      },
    };
  },
};
