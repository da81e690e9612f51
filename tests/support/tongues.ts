/** Words of menus by language, with the families that have its letters. */
export const tongues: Record<string, { words: string[]; families: string[] }> = {
  en: {
    words: ['Rooms', 'Table', 'Visit us', 'Our story', 'Journal', 'Tickets', 'AVATAR tours', 'Offices'],
    families: ['figtree', 'archivo', 'fraunces', 'spline-sans-mono', 'bricolage-grotesque'],
  },
  de: {
    words: ['Überfahrten', 'Häfen', 'Fahrräder', 'Größenangaben', 'Öffnungszeiten', 'Über uns', 'Fähre'],
    families: ['figtree', 'hanken-grotesk', 'source-sans-3', 'literata'],
  },
  cs: {
    words: ['Jízdní řády', 'Úschovna', 'Přístavy', 'Žluťoučký kůň', 'Děti', 'Ďáblice', 'Něco'],
    families: ['figtree', 'source-serif-4', 'archivo'],
  },
  el: {
    words: ['Δρομολόγια', 'Λιμάνια', 'Εισιτήρια', 'Βοήθεια', 'Νησιά', 'Ώρες'],
    families: ['source-sans-3', 'literata', 'source-serif-4'],
  },
  uk: {
    words: ['Розклад', 'Гавані', 'Квитки', 'Їжа', 'Ґанок', 'Допомога'],
    families: ['rubik', 'source-sans-3', 'source-serif-4'],
  },
  fr: {
    words: ['Nos cœurs', 'Œuvres et nœuds', 'Sœurs', 'L’île à côté', 'Réserver', 'Horaires'],
    families: ['figtree', 'fraunces', 'source-serif-4', 'rubik'],
  },
  tr: {
    words: ['Fiyat listesi', 'Işıklar', 'İletişim', 'Seferler', 'Yardım', 'Konaklama'],
    families: ['figtree', 'literata', 'source-sans-3'],
  },
  ca: {
    words: ['Col·lecció', 'Horaris', 'Paral·lel', 'Reserves', 'Ajuda'],
    families: ['figtree', 'source-sans-3', 'literata'],
  },
  bg: {
    words: ['Разписание', 'Пристанища', 'Билети', 'Помощ', 'Градове'],
    families: ['source-sans-3', 'rubik', 'literata'],
  },
  he: { words: ['לוח זמנים', 'נמלים', 'כרטיסים', 'עזרה', 'איים'], families: ['rubik'] },
  ar: { words: ['المواعيد', 'الموانئ', 'التذاكر', 'مساعدة', 'الجزر'], families: ['rubik'] },
};

const ofLatin = ['figtree', 'archivo', 'hanken-grotesk', 'fraunces', 'literata', 'source-serif-4', 'rubik'];
const ofCyrillic = ['rubik', 'source-sans-3', 'source-serif-4', 'literata'];

/** The same of more languages, with what is written in none of the words above: signs between words, places where they may break, accents that are characters of their own. */
export const furtherTongues: typeof tongues = {
  ...Object.fromEntries(
    Object.entries({
      es: ['¿Cuándo?', 'Mañana', 'Niños', 'Precios y horarios', 'Año', '¡Hola!'],
      pt: ['Informações', 'Início', 'Ação', 'Horários', 'Às ilhas'],
      it: ['Perché noi', 'L’isola', 'Città', 'Dov’è?', 'Orari'],
      nl: ['IJsland', 'Vaartijden', 'Financiële hulp', 'Eilanden', '’s Ochtends'],
      sv: ['Överfarter', 'Hållplatser', 'Båtar', 'Öar', 'Ä/Ö'],
      da: ['Færger', 'Øer', 'Åbningstider', 'Søgning'],
      fi: ['Yhteystiedot', 'Lauttamatkat', 'Käyttöehdot', 'Äänimatkat'],
      pl: ['Rozkład', 'Łodzie', 'Żegluga', 'Święta', 'Ćwierć', 'Książki'],
      hu: ['Menetrend', 'Gyűjtőjegy', 'Időpontok', 'Kikötők'],
      ro: ['Știri', 'Țărm', 'Călătorii', 'Orașe', 'Însoțitori'],
      lt: ['Tvarkaraštis', 'Įplaukos', 'Žvejyba'],
      lv: ['Ģimenēm', 'Ķekava', 'Ļoti ātri', 'Ņemt'],
      hr: ['Vozni red', 'Ǆep', 'Ljubav', 'Đaci', 'Čamci'],
      is: ['Þjónusta', 'Ferðir', 'Ævintýri', 'Ýmislegt'],
      mt: ['Ħinijiet', 'Għawdex', 'Ċentru', 'Żjarat'],
      cy: ['Ŵyna', 'Teithiau', 'Tŷ’r môr', 'Llongau'],
      vi: ['Tiếng Việt', 'Giờ mở cửa', 'Trợ giúp', 'Đường phố', 'Vé'],
      // What no Latin family has, and what only some of them have: it is set in what stands in for them.
      'el-GR': ['Δρομολόγια', 'Βοήθεια', 'Ώρες 9', 'Νησιά'],
      'ru-RU': ['Расписание', 'Билеты', 'Помощь', '№ 5'],
      'he-IL': ['לוח זמנים', 'עזרה', 'נמלים'],
      eo: ['Ŝipoj', 'Ĥoroj', 'Ĝardeno', 'Ŭesto', 'Ĵurnalo'],
      'en-GB': [
        'Terms/conditions',
        '01632-960117',
        'Self\u00adservice\u00adcheck',
        'Cafe\u0301 a\u0300 la',
        'A\u00a0to\u00a0Z',
      ],
      'de-AT': ['Öffnungs\u00adzeiten', '„Meer“', '50 %', 'Straße & Fähre', '(auch) so'],
    }).map(([tongue, words]) => [tongue, { words, families: ofLatin }]),
  ),
  ...Object.fromEntries(
    Object.entries({
      kk: ['Жүру кестесі', 'Қалалар', 'Әуежай'],
      ru: ['Расписание', 'Ёлки', 'Причалы', 'Объявления', '№ 5'],
      sr: ['Распоред', 'Ђаци', 'Љубав', 'Његуши', 'бгдпт', 'Џеп'],
      mk: ['Ќерки', 'Ѓаци', 'Ѕвезди', 'Распоред'],
    }).map(([tongue, words]) => [tongue, { words, families: ofCyrillic }]),
  ),
  fa: { words: ['برنامه', 'جزیره‌ها', 'بلیت‌ها', 'پرسش‌ها', 'گشت'], families: ['rubik'] },
  yi: { words: ['פֿאָרן', 'אינדזלען', 'הילף'], families: ['rubik'] },
};
