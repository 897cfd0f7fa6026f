import { defineTextStyles } from '@chakra-ui/react';

/** How words are set. Three sizes on a screen: title, body, label; the verdict and the figures of a lane have their own. */
export const textStyles = defineTextStyles({
  label: { value: { fontSize: 'label', lineHeight: '1.35' } },
  narrow: { value: { fontSize: 'label', lineHeight: '1.35', fontStretch: '88%' } },
  body: { value: { fontSize: 'body', lineHeight: '1.45' } },
  lead: { value: { fontSize: 'lead', lineHeight: '1.4' } },
  title: { value: { fontSize: 'title', lineHeight: '1.2', fontWeight: '650', fontStretch: '92%' } },
  heading: { value: { fontSize: 'body', lineHeight: '1.35', fontWeight: '650', fontStretch: '92%' } },
  verdict: { value: { fontSize: 'verdict', lineHeight: '1.35', fontWeight: '450', fontStretch: '96%' } },
  figure: { value: { fontSize: 'body', lineHeight: '1.25', fontWeight: '560' } },
  mono: { value: { fontFamily: 'mono', fontSize: 'label', lineHeight: '1.6' } },
});
