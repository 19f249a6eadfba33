import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { createBrowserRouter, Navigate, RouterProvider } from 'react-router'
import { AheadPlace } from '@/places/ahead/AheadPlace'
import { BehindPlace } from '@/places/behind/BehindPlace'
import { ReviewPage } from '@/places/behind/ReviewPage'
import { DevicesPage } from '@/places/devices/DevicesPage'
import { FiguresPage } from '@/places/figures/FiguresPage'
import { DescribePage } from '@/places/heads/describe/DescribePage'
import { HeadPage } from '@/places/heads/HeadPage'
import { HeadsPlace } from '@/places/heads/HeadsPlace'
import { AmountsPage } from '@/places/shelf/AmountsPage'
import { FormulaEditor } from '@/places/shelf/formulas/FormulaEditor'
import { FormulaPage } from '@/places/shelf/formulas/FormulaPage'
import { FormulasPage } from '@/places/shelf/formulas/FormulasPage'
import { HouseholdPage } from '@/places/household/HouseholdPage'
import { JarLabelPage } from '@/places/shelf/jars/JarLabelPage'
import { JarsPage } from '@/places/shelf/jars/JarsPage'
import { LabelsPage } from '@/places/shelf/LabelsPage'
import { ProductsPage } from '@/places/shelf/ProductsPage'
import { ToBuyPage } from '@/places/shelf/ToBuyPage'
import { WarmthPage } from '@/places/shelf/warmth/WarmthPage'
import { ShelfPlace } from '@/places/shelf/ShelfPlace'
import { RunPage } from '@/places/today/run/RunPage'
import { TodayPlace } from '@/places/today/TodayPlace'
import { Door } from './Door'
import { fonts } from './fonts'
import { keepFocus } from './keepFocus'
import { NotHere } from './NotHere'
import { Shell } from './Shell'
import './styles.css'

const queries = new QueryClient({
  defaultOptions: { queries: { retry: 1, staleTime: 5_000 }, mutations: { retry: 0 } },
})

const router = createBrowserRouter([
  {
    element: <Shell />,
    children: [
      { path: '/', element: <Navigate to="/today" replace /> },
      { path: '/ahead', element: <AheadPlace /> },
      { path: '/today', element: <TodayPlace /> },
      { path: '/behind', element: <BehindPlace /> },
      { path: '/behind/:id', element: <ReviewPage /> },
      {
        path: '/shelf',
        element: <ShelfPlace />,
        children: [
          { index: true, element: <ProductsPage /> },
          { path: 'amounts', element: <AmountsPage /> },
          { path: 'labels', element: <LabelsPage /> },
          { path: 'jars', element: <JarsPage /> },
          { path: 'formulas', element: <FormulasPage /> },
          { path: 'formulas/new', element: <FormulaEditor /> },
          { path: 'formulas/:id', element: <FormulaPage /> },
          { path: 'formulas/:id/change', element: <FormulaEditor /> },
          { path: 'warmth', element: <WarmthPage /> },
          { path: 'to-buy', element: <ToBuyPage /> },
        ],
      },
      { path: '/heads', element: <HeadsPlace /> },
      { path: '/heads/new', element: <DescribePage /> },
      { path: '/heads/:id', element: <HeadPage /> },
      { path: '/figures', element: <FiguresPage /> },
      { path: '/household', element: <HouseholdPage /> },
      { path: '/devices', element: <DevicesPage /> },
      { path: '/data', element: <Navigate to="/household#your-data" replace /> },
      { path: '*', element: <NotHere /> },
    ],
  },
  { path: '/run/:id', element: <RunPage /> },
  { path: '/jar-label/:id', element: <JarLabelPage /> },
])

keepFocus()
void fonts().then(() =>
  createRoot(document.getElementById('root')!).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <Door>
          <RouterProvider router={router} />
        </Door>
      </QueryClientProvider>
    </StrictMode>,
  ),
)
