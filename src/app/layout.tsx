import '@fontsource/hanken-grotesk/latin.css';
import '@fontsource/hanken-grotesk/latin-ext.css';
import '@fontsource/spline-sans-mono/latin-400.css';
import '@fontsource/spline-sans-mono/latin-600.css';
import '@/ui/theme/theme.css';
import { AntdRegistry } from '@ant-design/nextjs-registry';
import { App, ConfigProvider } from 'antd';
import type { Metadata } from 'next';
import type { ReactNode } from 'react';
import { theme } from '@/ui/theme/tokens';

export const metadata: Metadata = {
  title: 'Gable Ridge',
  description: 'Headers, menus, drawers and footers for every width at once.',
};

export default function RootLayout({ children }: { children: ReactNode }) {
  return (
    <html lang="en">
      <body>
        <AntdRegistry>
          <ConfigProvider theme={theme} button={{ autoInsertSpace: false }} wave={{ disabled: true }}>
            <App component={false}>{children}</App>
          </ConfigProvider>
        </AntdRegistry>
      </body>
    </html>
  );
}
