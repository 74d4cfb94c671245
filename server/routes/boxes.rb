# frozen_string_literal: true

module DeckBough
  module Server
    module Routes
      # Boxes and what is inside: moving, counting, packing, labels.
      class Boxes < Resource
        get "/api/boxes", :list
        post "/api/boxes", :create
        post "/api/boxes/carry", :carry
        get "/api/boxes/proposal", :proposal
        post "/api/boxes/proposal", :keep_proposal
        get "/api/boxes/labels.pdf", :labels
        post "/api/boxes/labels", :print_labels
        get "/api/boxes/scanned", :scanned
        get "/api/boxes/:id", :show
        put "/api/boxes/:id", :change
        delete "/api/boxes/:id", :delete
        post "/api/boxes/:id/restore", :restore
        post "/api/boxes/:id/counts", :count

        def list
          answer({ items: boxes.list })
        end

        def show
          answer(boxes.find(id))
        end

        def create
          answer(boxes.create(said), 201)
        end

        def change
          answer(boxes.change(id, said["version"], said.except("version")))
        end

        def delete
          boxes.delete(id, by: account[:id])
          nothing
        end

        def restore
          answer(boxes.restore(id))
        end

        def carry
          answer(boxes.carry(said["things"], into: said["into"], key: said["key"], account_id: account[:id]))
        end

        def count
          answer(boxes.count(id, said["seen"], note: said.fetch("note", "").strip, key: said["key"],
                                               account_id: account[:id]))
        end

        def proposal
          answer(packing.proposal)
        end

        def keep_proposal
          answer(packing.keep(said["boxes"], place: said["place"], key: said["key"], account_id: account[:id]))
        end

        def labels
          file(sheet(wanted(query["boxes"].to_s.split(","))), "application/pdf", "box-labels.pdf")
        end

        # To the label printer of the studio, a stand-in until there is a real one.
        def print_labels
          found = wanted(said["boxes"])
          printed = printer.print("box-labels", sheet(found))
          answer({ labels: found.size, printer: printed }, 201)
        end

        # What the hand-held scanner read last; a stand-in until there is a real one.
        def scanned
          answer({ code: StandIns::CodeScanner.new(boxes.list.map { |box| address(box) }).read })
        end

        private

        def boxes
          store(Store::Boxes)
        end

        def packing
          BoxPacking.new(context.database, account[:studio_id])
        end

        def wanted(ids)
          all = boxes.list
          found = ids.empty? ? all : all.select { |box| ids.include?(box[:id]) }
          raise Problem.not_found("box") if found.empty?

          found.sort_by { |box| box[:number] }
        end

        def sheet(found)
          labels = found.map { |box| { **box.slice(:number, :name, :place), address: address(box) } }
          Exchange::BoxLabelsPdf.new(labels, studio: studio[:name], paper: query.fetch("paper", "a4")).render
        end

        def address(box)
          "#{context.address}/boxes/#{box[:number]}"
        end

        def printer
          StandIns::LabelPrinter.new(context.configuration.labels_folder)
        end
      end
    end
  end
end
