import { createVuetify } from 'vuetify'
import { VApp } from 'vuetify/components/VApp'
import { VBtn } from 'vuetify/components/VBtn'
import { VCheckbox } from 'vuetify/components/VCheckbox'
import { VCombobox } from 'vuetify/components/VCombobox'
import { VDatePicker } from 'vuetify/components/VDatePicker'
import { VDialog } from 'vuetify/components/VDialog'
import { VDivider } from 'vuetify/components/VDivider'
import { VFileInput } from 'vuetify/components/VFileInput'
import { VList, VListItem, VListSubheader } from 'vuetify/components/VList'
import { VMenu } from 'vuetify/components/VMenu'
import { VRadio } from 'vuetify/components/VRadio'
import { VRadioGroup } from 'vuetify/components/VRadioGroup'
import { VSelect } from 'vuetify/components/VSelect'
import { VSwitch } from 'vuetify/components/VSwitch'
import { VTextarea } from 'vuetify/components/VTextarea'
import { VTextField } from 'vuetify/components/VTextField'

/** The component library for tests: what the screens use of it, in its own dress. */
export const vuetify = createVuetify({
  components: {
    VApp,
    VBtn,
    VCheckbox,
    VCombobox,
    VDatePicker,
    VDialog,
    VDivider,
    VFileInput,
    VList,
    VListItem,
    VListSubheader,
    VMenu,
    VRadio,
    VRadioGroup,
    VSelect,
    VSwitch,
    VTextarea,
    VTextField,
  },
})
